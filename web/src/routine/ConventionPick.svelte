<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { RoutineState } from './state.svelte';

  /** Quick or full pre-power checks. */
  let { work, view }: { work: RoutineState; view: Schemas['RoutineView'] } = $props();
</script>

<div class="conventions" role="group" aria-label="Pre-power convention">
  {#each view.conventions as one (one.id)}
    <button
      class="quiet"
      aria-pressed={one.id === view.convention}
      disabled={work.at > 0 || work.busy}
      onclick={() => void work.load(one.id)}>{one.label}{one.asked ? ', required now' : ''}</button
    >
  {/each}
  <span class="small">{view.conventions.find((one) => one.id === view.convention)?.reason}</span>
  <label class="small">
    <input
      type="checkbox"
      checked={view.owners === 'FULL'}
      disabled={work.at > 0 || work.busy}
      onchange={(e) => void work.holdTo(e.currentTarget.checked ? 'FULL' : 'QUICK')}
    />
    this workshop always asks for the full one
  </label>
</div>

<style>
  .conventions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 0.8rem;
    align-items: center;
    margin: 0.4rem 0 1rem;
  }

  .conventions [aria-pressed='true'] {
    border-color: var(--act);
    box-shadow: inset 0 -3px 0 var(--act);
    font-weight: 700;
  }
</style>
