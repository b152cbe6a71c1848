<script lang="ts">
  import type { Schemas } from '../api/client';

  /** The ports of a board, one row each: its pads, and on the other side the part that has it. */
  let { board, plan }: { board: Schemas['BoardView']; plan: Schemas['PlanAnswer'] } = $props();

  const PAD = 21;
  const LEAST = 50;
  let ports = $derived.by(() => {
    let y = 8;
    return [...new Set(board.pads.map((pad) => pad.port))].map((port) => {
      const pads = board.pads.filter((pad) => pad.port === port);
      const height = Math.max(LEAST, pads.length * PAD + 8);
      const row = {
        port,
        pads,
        height,
        y,
        part: plan.placed.find((one) => one.port === port),
        guests: plan.placed.filter((one) =>
          plan.placed.some((host) => host.port === port && host.name === one.over)
        )
      };
      y += height;
      return row;
    });
  });
  let whole = $derived(ports.reduce((sum, row) => sum + row.height, 16));
  const used = (row: (typeof ports)[number], pad: string): boolean =>
    row.part?.leads.some((lead) => lead.endsWith(` to pad ${pad}`)) ?? false;
</script>

<svg viewBox={`0 0 560 ${whole}`} role="img" aria-label={`Ports of the board: ${board.label}`}>
  <rect class="board" x="4" y="4" width="266" height={whole - 8} rx="6" />
  {#each ports as row, i (row.port)}
    {#if i > 0}<line class="parting" x1="4" x2="270" y1={row.y} y2={row.y} />{/if}
    <text class="port" x="18" y={row.y + row.height / 2 + (row.port === board.computer ? -3 : 6)}
      >port {row.port}</text
    >
    {#if row.port === board.computer}<text class="note" x="18" y={row.y + row.height / 2 + 15}
        >the computer’s too</text
      >{/if}
    {#each row.pads as pad, k (pad.name + pad.side)}
      {@const y = row.y + row.height / 2 + (k - (row.pads.length - 1) / 2) * PAD}
      {#if used(row, pad.name)}<line class="lead" x1="284" x2="330" y1={y} y2={row.y + row.height / 2} />{/if}
      <rect class="pad" class:used={used(row, pad.name)} x="256" y={y - 7} width="28" height="14" rx="2" />
      <text class="name" x="246" y={y + 5}>{pad.name} {pad.side}</text>
    {/each}
    {#if row.part}
      <rect class="part" x="330" y={row.y + row.height / 2 - 19} width="222" height="38" rx="4" />
      <text x="344" y={row.y + row.height / 2 + 6}
        >{[row.part.name, ...row.guests.map((one) => one.name)].join(', ')}</text
      >
    {:else}
      <text class="note" x="344" y={row.y + row.height / 2 + 5}>free</text>
    {/if}
  {/each}
</svg>
<p class="small">{board.processor}</p>

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
    font-size: 16px;
    fill: var(--ink);
  }

  .port {
    font-weight: 700;
  }

  .name {
    font-size: 14px;
    font-family: 'Atkinson Hyperlegible Mono', monospace;
    text-anchor: end;
    fill: var(--soft);
  }

  .note {
    font-size: 14px;
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

  .parting {
    stroke: var(--rule);
  }

  .part {
    fill: var(--act-tint);
    stroke: var(--act);
  }

  .lead {
    stroke: var(--act);
    stroke-width: 2;
  }
</style>
