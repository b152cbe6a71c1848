<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { RoutineState } from './state.svelte';

  let { work, view }: { work: RoutineState; view: Schemas['RoutineView'] } = $props();
</script>

<ol class="steps" aria-label="Steps">
  {#each view.steps as step, i (step.id)}
    <li
      class:now={i === work.at && !work.finished}
      class:done={work.passed[step.id] && i < work.at}
      class:failed={work.failed === step.id}
      aria-current={i === work.at && !work.finished ? 'step' : undefined}
    >
      <span class="tick figure" aria-hidden="true"
        >{work.failed === step.id ? '✕' : i < work.at ? '✓' : i + 1}</span
      >
      <span>
        {step.title}
        {#if step.waits}<span class="small">waits: {step.waits}</span>{/if}
        {#if i < work.at || work.failed === step.id}
          <span class="small">{work.readings[step.id]?.written ?? ''}</span>
        {/if}
      </span>
    </li>
  {/each}
</ol>

<style>
  li {
    display: grid;
    grid-template-columns: 2rem 1fr;
    padding: 0.35rem 0;
    border-bottom: 1px solid var(--rule);
    color: var(--soft);
    line-height: 1.3;
    text-wrap: balance;
  }

  .now {
    color: var(--ink);
    font-weight: 700;
  }

  .done .tick {
    color: var(--act);
    font-weight: 700;
  }

  .failed {
    color: var(--danger);
    font-weight: 700;
  }
</style>
