<script lang="ts">
  import type { Schemas } from '../api/client';

  /** The ports of a board, one row each: its pads, and on the other side the part that has it. */
  let { board, plan }: { board: Schemas['BoardView']; plan: Schemas['PlanAnswer'] } = $props();

  const ROW = 46;
  let ports = $derived(
    [...new Set(board.pads.map((pad) => pad.port))].map((port) => ({
      port,
      pads: board.pads.filter((pad) => pad.port === port),
      part: plan.placed.find((one) => one.port === port),
      guests: plan.placed.filter(
        (one) => one.over !== '' && plan.placed.some((host) => host.port === port && host.name === one.over)
      )
    }))
  );

  const used = (row: (typeof ports)[number], pad: string): boolean =>
    row.part?.leads.some((lead) => lead.endsWith(` to pad ${pad}`)) ?? false;
</script>

<svg
  viewBox={`0 0 640 ${ports.length * ROW + 16}`}
  role="img"
  aria-label={`Ports of the board: ${board.label}`}
>
  <rect class="board" x="150" y="4" width="230" height={ports.length * ROW + 8} rx="6" />
  {#each ports as row, i (row.port)}
    {@const y = 12 + i * ROW}
    <text class="port" x="164" y={y + 26}>port {row.port}</text>
    {#if row.port === board.computer}<text class="note" x="164" y={y + 40}>the computer’s too</text>{/if}
    {#each row.pads as pad, k (pad.name + pad.side)}
      {@const py =
        y + 6 + (k * (ROW - 14)) / Math.max(1, row.pads.length - 1) - (row.pads.length === 1 ? -12 : 0)}
      <rect class="pad" class:used={used(row, pad.name)} x="366" y={py - 6} width="28" height="12" rx="2" />
      <text class="name" x="358" y={py + 4}>{pad.name} {pad.side}</text>
      {#if used(row, pad.name)}
        <line x1="394" x2="440" y1={py} y2={y + ROW / 2 - 3} />
      {/if}
    {/each}
    {#if row.part}
      <rect class="part" x="440" y={y + 2} width="190" height={ROW - 10} rx="4" />
      <text x="452" y={y + 24}>{[row.part.name, ...row.guests.map((one) => one.name)].join(', ')}</text>
    {:else}
      <text class="note" x="452" y={y + 24}>free</text>
    {/if}
  {/each}
  <text class="note" x="10" y="26">{board.processor}</text>
</svg>

<style>
  svg {
    width: 100%;
    display: block;
  }

  .board {
    fill: var(--card);
    stroke: var(--soft);
  }

  text {
    font-size: 15px;
    fill: var(--ink);
  }

  .port {
    font-weight: 700;
  }

  .name {
    font-size: 13px;
    font-family: 'Atkinson Hyperlegible Mono', monospace;
    text-anchor: end;
    fill: var(--soft);
  }

  .note {
    font-size: 13px;
    fill: var(--soft);
  }

  .pad {
    fill: var(--paper);
    stroke: var(--soft);
  }

  .pad.used {
    fill: var(--act);
    stroke: var(--act);
  }

  .part {
    fill: var(--act-tint);
    stroke: var(--act);
  }

  line {
    stroke: var(--act);
    stroke-width: 2;
  }
</style>
