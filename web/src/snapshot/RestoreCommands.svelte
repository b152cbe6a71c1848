<script lang="ts">
  import type { Schemas } from '../api/client';
  import PasteText from '../shared/PasteText.svelte';
  import type { SnapshotsState } from './snapshots.svelte';

  /** What was set and is not now: ticked off one by one, or pasted as a text for this version. */
  let { snapshots, changes }: { snapshots: SnapshotsState; changes: Schemas['ChangesView'] } = $props();
</script>

<h3>Restore commands</h3>
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
        {#if !one.line}<span class="small">this version has no name for it: set it by hand</span>{/if}
      </label>
    </li>
  {/each}
</ul>
<PasteText text={changes.text} />

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
</style>
