<script lang="ts">
  import type { Schemas } from '../api/client';

  /** A partType of part from above: its pads row by row, each pressed to be looked at. */
  let {
    rows,
    at = -1,
    label,
    onpick
  }: {
    rows: { row: number; pads: { pad: Schemas['PadOf']; at: number }[] }[];
    /** The pad that is selected. Default: none. */
    at?: number;
    label: string;
    /** Makes the pads selectable. Default: they are not. */
    onpick?: (at: number) => void;
  } = $props();

  function said(pad: Schemas['PadOf']): string {
    const volts =
      pad.kind === 'SUPPLY' || pad.kind === 'FEED'
        ? pad.volts === 0
          ? ', battery'
          : `, ${pad.volts} V`
        : '';
    return `${pad.name}: ${pad.kind.toLowerCase()}${volts}`;
  }
</script>

<div class="board" role="group" aria-label={label}>
  {#each rows as row (row.row)}
    <div class="row">
      {#each row.pads as one (one.at)}
        {#if onpick}
          <button
            type="button"
            class="pad {one.pad.kind.toLowerCase()}"
            aria-pressed={one.at === at}
            aria-label={said(one.pad)}
            onclick={() => onpick(one.at)}>{one.pad.name}</button
          >
        {:else}
          <span class="pad {one.pad.kind.toLowerCase()}" title={said(one.pad)}>{one.pad.name}</span>
        {/if}
      {/each}
    </div>
  {/each}
</div>

<style>
  .board {
    display: grid;
    gap: 0.35rem;
    padding: 0.6rem;
    border: 2px solid var(--ink);
    background: var(--card);
    width: fit-content;
    max-width: 100%;
  }

  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
  }

  .pad {
    min-width: 2.3rem;
    min-height: 1.8rem;
    padding: 0 0.4rem;
    display: inline-grid;
    place-items: center;
    border: 2px solid var(--soft);
    background: var(--paper);
    color: var(--ink);
    font-family: var(--figures, monospace);
    font-size: 0.95rem;
  }

  button.pad {
    min-height: 44px;
    min-width: 44px;
    cursor: pointer;
  }

  .ground {
    border-style: dashed;
  }

  .feed,
  .supply {
    border-color: var(--act);
  }

  [aria-pressed='true'] {
    background: var(--act);
    color: var(--paper);
    font-weight: 700;
  }
</style>
