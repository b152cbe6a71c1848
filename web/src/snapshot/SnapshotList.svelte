<script lang="ts">
  import DropOrPaste from '../shared/DropOrPaste.svelte';
  import { moment } from '../shared/words';
  import type { SnapshotsState } from './snapshots.svelte';

  /** The snapshots of a craft, and a place to drop another. */
  let { snapshots }: { snapshots: SnapshotsState } = $props();

  async function keep(text: Blob, name: string): Promise<boolean> {
    await snapshots.drop(text, name);
    return snapshots.error === '';
  }
</script>

<div class="left">
  <div class="field">
    <label for="why">Why it was exported</label>
    <input
      id="why"
      class="entry"
      bind:value={snapshots.why}
      maxlength="200"
      placeholder="as found, or before the flash"
      autocomplete="off"
    />
  </div>
  <DropOrPaste label="Drop the FC's settings export here" button="Save export" ontext={keep} />
  <ol class="list" aria-label="Snapshots, the newest first">
    {#each snapshots.rows as row (row.number)}
      <li>
        <button
          type="button"
          aria-current={row.number === snapshots.view?.row.number ? 'true' : undefined}
          onclick={() => void snapshots.show(row.number)}
        >
          <span class="small figure">{row.number} · {moment(row.takenAt)}</span>
          <span>{row.why}</span>
          <span class="small"
            >{row.family}
            {row.version}, {row.settings} settings{row.odd > 0 ? `, ${row.odd} not understood` : ''}</span
          >
        </button>
      </li>
    {:else}
      {#if snapshots.loaded}<li class="small">None yet. The first is best taken while it flies well.</li>{/if}
    {/each}
  </ol>
</div>

<style>
  .left {
    display: grid;
    gap: 0.7rem;
  }

  .list {
    margin-top: 0.5rem;
    border-top: 1px solid var(--rule);
  }

  .list button {
    display: grid;
    width: 100%;
    padding: 0.5rem 0.7rem;
    text-align: left;
    background: none;
    border: none;
    border-left: 4px solid transparent;
    border-bottom: 1px solid var(--rule);
  }

  .list [aria-current] {
    border-left-color: var(--act);
    background: var(--card);
  }
</style>
