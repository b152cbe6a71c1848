<script lang="ts">
  import type { Schemas } from '../api/client';
  import DropOrPaste from '../shared/DropOrPaste.svelte';
  import Notice from '../shared/Notice.svelte';
  import { ListedState } from './listed.svelte';
  import type { WorkUpState } from './state.svelte';

  /** A listing dropped on the check that asked for it: kept as a snapshot of the craft, and recorded as the finding. */
  let { work, card }: { work: WorkUpState; card: Schemas['CheckCard'] } = $props();

  let listed = $derived(new ListedState(work.view!.craftId, `for work-up ${work.id}`));

  async function take(text: Blob, name: string): Promise<boolean> {
    const finding = await listed.drop(text, name, card.readsBack ? work.id : undefined);
    if (finding) {
      await work.take(finding.checkId, finding.outcome);
    }
    return finding !== undefined;
  }
</script>

{#if card.ready}
  <DropOrPaste label="Drop the FC's settings export here" button="Record" busy={work.busy} ontext={take}>
    <a class="plain" href={`/crafts/${encodeURIComponent(work.view!.craftId)}/snapshots`}
      >or take one that is on the chart</a
    >
  </DropOrPaste>
  <Notice text={listed.error} />
{:else}
  <p class="small">once the bench is ready</p>
{/if}
