<script lang="ts">
  import type { Schemas } from '../api/client';
  import { minutes } from '../shared/words';
  import type { SetUpState } from './setUp.svelte';

  let { work, run }: { work: SetUpState; run: Schemas['RunUnderWay'] } = $props();
</script>

<ol class="steps" aria-label="Steps to do">
  {#each run.todo as one (one.id)}
    <li class:now={one.id === work.step?.id} class:failed={one.given !== undefined}>
      {#if one.bench.length > 0}<span class="small bench">{one.bench.join(', ')}</span>{/if}
      <button
        type="button"
        disabled={!one.ready}
        aria-current={one.id === work.step?.id ? 'step' : undefined}
        onclick={() => work.choose(one.id)}
      >
        {one.title}
        <span class="small">{minutes(one.minutes)}</span>
      </button>
    </li>
  {:else}
    <li>{run.waiting.length > 0 ? 'Every other step waits.' : 'Every step is passed.'}</li>
  {/each}
</ol>

<style>
  .steps li {
    border-bottom: 1px solid var(--rule);
    padding: 0.2rem 0;
  }

  .steps button {
    display: flex;
    justify-content: space-between;
    gap: 0.8rem;
    width: 100%;
    min-height: 40px;
    align-items: center;
    text-align: left;
    line-height: 1.25;
  }

  .steps button:disabled {
    color: var(--soft);
  }

  .steps .small {
    white-space: nowrap;
  }

  .bench {
    display: block;
    white-space: normal !important;
    border-left: 3px solid var(--slate);
    padding-left: 0.5rem;
    margin: 0.2rem 0;
  }

  .now button {
    font-weight: 700;
    color: var(--ink);
  }

  .failed button {
    color: var(--danger);
  }
</style>
