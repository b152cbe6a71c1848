<script lang="ts">
  import type { Schemas } from '../api/client';
  import { moment } from '../shared/words';
  import type { FlashState } from './flash.svelte';

  /** Whether the settings are saved before a flash takes them away. */
  let { flash, view, craftId }: { flash: FlashState; view: Schemas['FlashView']; craftId: string } = $props();

  let reason = $state('');
</script>

<h2>The settings first</h2>
{#if view.snapshot !== undefined && view.stale === undefined}
  <p>
    Snapshot {view.snapshot} of {moment(view.takenAt!)} ({view.from}) is current: nothing has changed since.
  </p>
{:else}
  <p class="caution">
    {view.snapshot === undefined
      ? 'There is no snapshot of its settings: what the flash erases is gone.'
      : `Since snapshot ${view.snapshot} this happened: ${view.stale}. It no longer tells how the craft is.`}
    <a href={`/crafts/${encodeURIComponent(craftId)}/snapshots`}>Export its settings now</a>
  </p>
  {#if flash.without}
    <p class="small">Flashing without an export: {flash.without}. It is in the log.</p>
  {:else}
    <form
      onsubmit={(event) => {
        event.preventDefault();
        void flash.goWithout(reason.trim());
      }}
    >
      <label for="reason">Or say why they can’t be exported</label>
      <input id="reason" class="entry" bind:value={reason} maxlength="200" autocomplete="off" />
      <button class="quiet" disabled={reason.trim() === '' || flash.busy}>Go on without</button>
    </form>
  {/if}
{/if}

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    margin: 0.8rem 0;
  }

  form .entry {
    width: auto;
  }

  h2 {
    margin-top: 1.4rem;
  }

  label {
    display: flex;
    gap: 0.7rem;
    align-items: baseline;
    min-height: 44px;
  }
</style>
