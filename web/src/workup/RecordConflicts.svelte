<script lang="ts">
  import { percent } from '../shared/words';
  import type { WorkUpState } from './state.svelte';

  /** What of the record can't be right together: on the craft a fault, on the sheet a wrong entry, and a look tells which. */
  let { work }: { work: WorkUpState } = $props();
  let conflicts = $derived(work.view!.conflicts.filter((one) => !one.fixed));
</script>

{#each conflicts as one (one.conflict.id)}
  {@const ways = [...one.conflict.ways].sort((a) => (a.way === one.likeliest ? -1 : 0))}
  <section class="conflict" aria-label="The record can’t be right">
    <p><strong>The record can’t be right:</strong> {one.conflict.cause}.</p>
    <p class="small">
      {#if one.apart}It doesn’t cause this complaint, but settle it before the first hover.{/if}
      {percent(one.belief)} likely that the craft itself is like this. Look at the craft first; if it is right and
      the record was not, correct the record to what you saw.
    </p>
    {#each ways as way (way.way)}
      <p>
        <button class="quiet" disabled={work.busy} onclick={() => void work.correct(one.conflict.id, way.way)}
          >Correct the record: {way.title}</button
        >
      </p>
    {/each}
  </section>
{/each}

<style>
  .conflict {
    display: grid;
    gap: 0.4rem;
    border-left: 4px solid var(--doubt);
    padding-left: 0.8rem;
    margin-bottom: 1rem;
  }
</style>
