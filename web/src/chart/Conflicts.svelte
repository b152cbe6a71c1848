<script lang="ts">
  import { untrack } from 'svelte';
  import Conflict from '../shared/Conflict.svelte';
  import Notice from '../shared/Notice.svelte';
  import { ConflictsState } from './conflicts.svelte';

  /** What of a craft's record can't be right together; with a work-up open it is settled there. */
  let { craftId, onsettled }: { craftId: string; onsettled: () => void } = $props();
  let conflicts = $derived(new ConflictsState(craftId));

  $effect(() => {
    const current = conflicts;
    untrack(() => void current.load());
  });

  async function settle(id: string, way: number, made: boolean): Promise<void> {
    if (await conflicts.settle(id, way, made)) {
      onsettled();
    }
  }
</script>

<Notice text={conflicts.error} />
{#if conflicts.view && conflicts.view.conflicts.length > 0}
  {@const open = conflicts.view.open}
  <section aria-label="Conflicts of the record">
    <h2>The record can’t be right</h2>
    {#if open !== undefined}
      <p class="small">
        Settle it in <a href={`/work-ups/${open}`}>the open work-up</a>, so that it is proven.
      </p>
    {/if}
    {#each conflicts.view.conflicts as one (one.id)}
      <Conflict
        {craftId}
        conflict={one}
        busy={conflicts.busy}
        onsettle={open === undefined ? (way, made) => void settle(one.id, way, made) : undefined}
      />
    {/each}
  </section>
{/if}

<style>
  section {
    margin-block: 1rem;
  }
</style>
