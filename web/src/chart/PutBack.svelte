<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { SnapshotsState } from './snapshots.svelte';

  /** What was set and is not now: ticked off one by one, or pasted as a text for this version. */
  let { snapshots, changes }: { snapshots: SnapshotsState; changes: Schemas['ChangesView'] } = $props();

  let copied = $state('');

  async function copy(): Promise<void> {
    await navigator.clipboard.writeText(changes.text);
    copied = changes.text;
  }
</script>

<h3>To put back</h3>
<ul>
  {#each changes.putBack as one (one.settingId)}
    <li>
      <label>
        <input
          type="checkbox"
          checked={snapshots.ticked.includes(one.settingId)}
          onchange={() => snapshots.tick(one.settingId)}
        />
        {one.label}: <span class="figure">{one.now} → {one.before}</span>
        {#if !one.line}<span class="small">this version has no name for it: by hand</span>{/if}
      </label>
    </li>
  {/each}
</ul>
<pre class="figure">{changes.text}</pre>
<p class="do">
  <button class="quiet" type="button" onclick={() => void copy()}
    >{copied === changes.text ? 'Copied' : 'Copy the text'}</button
  >
  <span class="small">Paste it, save, let the board restart, list again and drop it here.</span>
</p>

<style>
  h3 {
    margin: 1.4rem 0 0.4rem;
    font-size: 1.1rem;
    font-weight: 700;
  }

  label {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }

  pre {
    padding: 0.7rem 0.9rem;
    background: var(--card);
    border: 1px solid var(--rule);
    overflow-x: auto;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1rem;
    align-items: center;
    margin-top: 0.5rem;
  }
</style>
