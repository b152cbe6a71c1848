<script lang="ts">
  import type { Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';
  import Sheet from '../shared/Sheet.svelte';
  import type { Files } from './files.svelte';

  /** Puts a photo or file right: its name, beside what it stands, or that it should not be there. */
  let { files, file, onclose }: { files: Files; file: Schemas['KeptFile']; onclose: () => void } = $props();

  let name = $derived(file.name);
  let alone = $state(false);
  let reason = $state('');
  let beside = $derived(file.workUpId ? `work-up ${file.workUpId}` : file.logId ? 'its line of the log' : '');

  async function change(changed: Promise<void>): Promise<void> {
    await changed;
    if (!files.error) {
      onclose();
    }
  }
</script>

<Sheet open title={`Put ${file.name} right`} {onclose}>
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void change(files.correct(file, name, alone, reason));
    }}
  >
    <div class="field">
      <label for="file-name">Name</label>
      <input id="file-name" class="entry" bind:value={name} maxlength="120" />
    </div>
    {#if beside}
      <label><input type="checkbox" bind:checked={alone} /> It doesn’t belong to {beside}</label>
    {/if}
    <div class="field">
      <label for="file-reason">What was wrong with it</label>
      <input id="file-reason" class="entry" bind:value={reason} maxlength="400" />
    </div>
    <p class="small">The earlier version stays in the history. A removed file can be restored.</p>
    <Notice text={files.error} />
    <div class="do">
      <button class="act" disabled={!reason.trim() || !name.trim() || files.busy}
        >{file.withdrawn ? 'Bring it back' : 'Put it right'}</button
      >
      {#if !file.withdrawn}
        <button
          class="quiet"
          type="button"
          disabled={!reason.trim() || files.busy}
          onclick={() => void change(files.takeOff(file, reason))}>Remove file</button
        >
      {/if}
      <button class="quiet" type="button" onclick={onclose}>Leave it</button>
    </div>
  </form>
</Sheet>
