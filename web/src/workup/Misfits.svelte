<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { WorkUpState } from './state.svelte';

  /** The findings that do not fit the rest. */
  let { work, misfits }: { work: WorkUpState; misfits: Schemas['Misfit'][] } = $props();
</script>

{#each misfits as misfit (misfit.n)}
  <p class="misfit">
    <strong>Does not fit the rest:</strong>
    {misfit.title}: {misfit.said}. By all other findings it should be {misfit.expected}.
    <button class="plain" onclick={() => void work.openCheck(misfit.checkId)}>Look again</button>
  </p>
{/each}

<style>
  .misfit {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.8rem;
    margin-bottom: 1rem;
  }
</style>
