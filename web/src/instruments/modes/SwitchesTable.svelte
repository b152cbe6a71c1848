<script lang="ts">
  import NumberEntry from '../../shared/NumberEntry.svelte';
  import type { ModesState } from './modes.svelte';

  /** The switches of the radio, each with its channel and what it sends at each position. */
  let { work }: { work: ModesState } = $props();
</script>

<h2>Switches of the radio</h2>
<table>
  <thead><tr><th>switch</th><th>channel</th><th>it sends, µs</th><td></td></tr></thead>
  <tbody>
    {#each work.laid.switches as lever, i (i)}
      <tr>
        <td
          ><input
            class="entry"
            aria-label={`Name of switch ${i + 1}`}
            maxlength="40"
            bind:value={lever.name}
          /></td
        >
        <td
          ><NumberEntry
            whole
            class="entry reading"
            aria-label={`Channel of switch ${i + 1}`}
            bind:value={lever.channel}
          /></td
        >
        <td>
          <select
            class="entry"
            aria-label={`Positions of switch ${i + 1}`}
            value={String(lever.positions.length)}
            onchange={(event) =>
              (lever.positions = event.currentTarget.value === '2' ? [1000, 2000] : [1000, 1500, 2000])}
          >
            <option value="2"
              >{lever.positions.length === 2 ? lever.positions.join(', ') : '1000, 2000'}</option
            >
            <option value="3">1000, 1500, 2000</option>
          </select>
        </td>
        <td
          ><button
            class="plain"
            type="button"
            aria-label={`Remove ${lever.name}`}
            onclick={() => work.laid.switches.splice(i, 1)}>✕</button
          ></td
        >
      </tr>
    {/each}
  </tbody>
</table>
<button class="quiet" type="button" onclick={() => work.addSwitch()}>Add switch</button>

<style>
  th {
    padding-right: 0.6rem;
    white-space: nowrap;
    text-align: left;
    color: var(--soft);
    font-weight: 400;
  }

  td {
    padding: 0.2rem 0.4rem 0.2rem 0;
  }

  td :global(input) {
    width: 100%;
    min-width: 4.5rem;
    font-size: 1rem;
  }

  td:first-child {
    width: 40%;
  }

  td select {
    min-width: 11rem;
    font-size: 1rem;
  }
</style>
