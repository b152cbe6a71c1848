<script lang="ts">
  import type { Schemas } from '../api/client';
  import { ABLE, type FamilyState, type NameRow } from './dialects.svelte';

  /** The names of a dialect, a row each: which setting it is, since and until which version, and its values. */
  let {
    dialect,
    shown,
    words,
    said
  }: {
    dialect: FamilyState;
    shown: { row: NameRow; at: number }[];
    words: Schemas['FamilyWords'] | undefined;
    /** What a person calls a setting or an ability, by its id. */
    said: Map<string, string>;
  } = $props();
</script>

<div class="scroll">
  <table>
    <thead>
      <tr>
        <th scope="col">name in a settings export</th><th scope="col">setting</th><th scope="col">since</th
        ><th scope="col">until</th><th scope="col">times</th><th scope="col"
          >values, own=exported with | between</th
        ><th scope="col"><span class="sr">remove</span></th>
      </tr>
    </thead>
    <tbody>
      {#each shown as { row, at } (row)}
        <tr class:wrong={at === dialect.wrongRow}>
          <td>
            {#if row[0] === ABLE}<span class="small">ability</span>{:else}
              <input
                id={`name-${at}`}
                class="figure"
                bind:value={row[0]}
                aria-label="name in a settings export"
              />
            {/if}
          </td>
          <td>
            <select id={`setting-${at}`} bind:value={row[1]} aria-label="setting">
              <option value="" disabled>choose…</option>
              {#each (row[0] === ABLE ? words?.abilities : words?.settings) ?? [] as one (one.id)}
                <option value={one.id}>{one.label}</option>
              {/each}
            </select>
          </td>
          <td>
            <select bind:value={row[2]} aria-label="since version">
              {#each dialect.names as one (one)}<option value={one}>{one}</option>{/each}
            </select>
          </td>
          <td>
            <select bind:value={row[3]} aria-label="until version">
              <option value="">–</option>
              {#each dialect.names as one (one)}<option value={one}>{one}</option>{/each}
            </select>
          </td>
          {#if row[0] === ABLE}
            <td colspan="2">
              <label class="left-out"
                ><input
                  type="checkbox"
                  checked={row[5] !== ''}
                  onchange={(event) => (row[5] = event.currentTarget.checked ? 'may-be-left-out' : '')}
                /> a build may leave it out</label
              >
            </td>
          {:else}
            <td><input class="figure times" bind:value={row[4]} aria-label="times" /></td>
            <td><input class="figure" bind:value={row[5]} aria-label="values" /></td>
          {/if}
          <td
            ><button
              class="plain"
              type="button"
              aria-label={`Remove ${row[0] === ABLE ? (said.get(row[1]) ?? '') : row[0]}`}
              onclick={() => dialect.remove(row)}>✕</button
            ></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
</div>

<style>
  .scroll {
    overflow-x: auto;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    text-align: left;
    font-weight: 400;
    color: var(--soft);
  }

  th,
  td {
    padding: 0.15rem 0.5rem 0.15rem 0;
    border-bottom: 1px solid var(--rule);
  }

  td input:not([type='checkbox']),
  td select {
    width: 100%;
    min-width: 4rem;
    min-height: 44px;
    padding: 0.2rem 0.4rem;
    background: var(--card);
    border: 1px solid var(--rule);
    color: var(--ink);
  }

  td:nth-child(1) {
    min-width: 11rem;
  }

  td:nth-child(2) {
    min-width: 12rem;
  }

  td input.times {
    width: 5rem;
  }

  .left-out {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }

  .wrong td {
    background: var(--danger-tint);
  }

  .sr {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
</style>
