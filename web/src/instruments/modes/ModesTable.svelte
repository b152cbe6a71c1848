<script lang="ts">
  import NumberEntry from '../../shared/NumberEntry.svelte';
  import type { ModesState } from './modes.svelte';

  /** The modes of the FC, each with its channel and the pulses between which it is on. */
  let { work }: { work: ModesState } = $props();
</script>

<h2>Modes</h2>
<table>
  <thead><tr><th>mode</th><th>channel</th><th>on from, µs</th><th>to, µs</th><td></td></tr></thead>
  <tbody>
    {#each work.laid.modes as mode, i (i)}
      <tr>
        <td
          ><input
            class="entry"
            aria-label={`Name of mode ${i + 1}`}
            maxlength="40"
            bind:value={mode.name}
          /></td
        >
        <td
          ><NumberEntry
            whole
            class="entry reading"
            aria-label={`Channel of mode ${i + 1}`}
            bind:value={mode.channel}
          /></td
        >
        <td
          ><NumberEntry
            unit="µs"
            class="entry reading"
            aria-label={`Mode ${i + 1} from`}
            bind:value={mode.fromUs}
          /></td
        >
        <td
          ><NumberEntry
            unit="µs"
            class="entry reading"
            aria-label={`Mode ${i + 1} to`}
            bind:value={mode.toUs}
          /></td
        >
        <td
          ><button
            class="plain"
            type="button"
            aria-label={`Remove ${mode.name}`}
            onclick={() => work.laid.modes.splice(i, 1)}>✕</button
          ></td
        >
      </tr>
    {/each}
  </tbody>
</table>
<button class="quiet" type="button" onclick={() => work.addMode()}>Add mode</button>

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
</style>
