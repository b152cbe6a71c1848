<script lang="ts">
  import DropFile from '../shared/DropFile.svelte';
  import Notice from '../shared/Notice.svelte';
  import { ListedState } from './listed.svelte';
  import type { WorkUpState } from './state.svelte';

  /** A listing dropped on the check that asked for it: kept as a snapshot of the craft, and recorded as the finding. */
  let { work, ready }: { work: WorkUpState; ready: boolean } = $props();

  let listed = $derived(new ListedState(work.view!.mark, `for work-up ${work.id}`));
  let pasted = $state('');

  async function take(file: Blob, name: string): Promise<void> {
    const checkId = await listed.drop(file, name);
    if (checkId) {
      pasted = '';
      await work.take(checkId, 'listed');
    }
  }
</script>

{#if ready}
  <DropFile label="Drop the board's listing here" onfile={(file) => void take(file, file.name)} />
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void take(new Blob([pasted]), 'pasted.txt');
    }}
  >
    <div class="field">
      <label for="pasted">or paste it</label>
      <textarea
        id="pasted"
        class="entry figure"
        rows="4"
        bind:value={pasted}
        spellcheck="false"
        placeholder="name = value"
      ></textarea>
    </div>
    <button class="act" disabled={pasted.trim() === '' || work.busy}>Record</button>
    <a class="plain" href={`/crafts/${encodeURIComponent(work.view!.mark)}/snapshots`}
      >or take one that is on the chart</a
    >
  </form>
  <Notice text={listed.error} />
{:else}
  <p class="small">once the bench is ready</p>
{/if}

<style>
  form {
    display: grid;
    gap: 0.7rem;
    justify-items: start;
  }

  .field {
    width: 100%;
  }
</style>
