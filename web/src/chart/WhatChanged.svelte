<script lang="ts">
  import type { Schemas } from '../api/client';
  import { explains, type SnapshotsState } from '../snapshot/snapshots.svelte';

  /** What changed since another snapshot, group by group: what it causes and ends, and what of it explains the open complaint. */
  let { snapshots, changes }: { snapshots: SnapshotsState; changes: Schemas['ChangesView'] } = $props();

  let others = $derived(snapshots.rows.filter((row) => row.number !== changes.number));
</script>

<h3>
  <label for="since">Changed since</label>
  <select
    id="since"
    class="entry"
    value={changes.since}
    onchange={(event) => void snapshots.show(changes.number, Number(event.currentTarget.value))}
  >
    {#each others as row (row.number)}<option value={row.number}>{row.number}. {row.why}</option>{/each}
  </select>
</h3>
{#if changes.complaint}
  <p class="small">Weighed against what was found of “{changes.complaint}”.</p>
{/if}
{#each snapshots.groups as group (group.group)}
  <table>
    <caption>{group.group}</caption>
    <tbody>
      {#each group.changes as change (change.settingId)}
        <tr>
          <th scope="row">{change.label}</th>
          <td class="figure">{change.before} → <strong>{change.after}</strong></td>
          <td>
            {#if change.causes.length > 0}can cause: {change.causes.join('; ')}{/if}
            {#if change.ends.length > 0}ends: {change.ends.join('; ')}{/if}
            {#if change.causes.length + change.ends.length === 0}nothing that an owner would see{/if}
            {#if explains(change.weight)}<span class="weight">{explains(change.weight)}</span>{/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
{:else}
  <p class="small">Nothing.</p>
{/each}

<style>
  h3 {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    margin: 1.4rem 0 0.4rem;
    font-size: 1.1rem;
    font-weight: 700;
  }

  select {
    width: auto;
    max-width: 100%;
    font-weight: 400;
  }

  table {
    width: 100%;
    margin-bottom: 0.8rem;
    border-collapse: collapse;
  }

  caption {
    text-align: left;
    color: var(--soft);
  }

  th,
  td {
    padding: 0.35rem 0.7rem 0.35rem 0;
    border-bottom: 1px solid var(--rule);
    text-align: left;
    vertical-align: top;
    font-weight: 400;
  }

  th {
    width: 26%;
  }

  td:nth-child(2) {
    width: 34%;
  }

  .weight {
    display: block;
    font-weight: 700;
  }
</style>
