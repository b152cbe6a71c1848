<script lang="ts">
  /** The uarts of a board, one row each: its pads, and on the other side the part that has it. */
  interface Port {
    name: string;
    /** What is written below its name. */
    note: string;
    pads: { name: string; side: string }[];
  }
  interface Held {
    uart: string;
    label: string;
    /** The pads of the UART that it is joined to. */
    pads: string[];
    /** How the line stands. */
    state: 'sound' | 'doubt' | 'danger' | 'unknown';
  }
  let { label, uarts, held }: { label: string; uarts: Port[]; held: Held[] } = $props();

  const PAD = 21;
  const LEAST = 50;
  const PART = 42;
  let rows = $derived.by(() => {
    let y = 8;
    return uarts.map((uart) => {
      const parts = held.filter((one) => one.uart === uart.name);
      const height = Math.max(LEAST, uart.pads.length * PAD + 8, parts.length * PART + 8);
      const row = { uart, parts, height, y };
      y += height;
      return row;
    });
  });
  let whole = $derived(rows.reduce((sum, row) => sum + row.height, 16));
  const middle = (row: (typeof rows)[number], k: number, of: number, step: number): number =>
    row.y + row.height / 2 + (k - (of - 1) / 2) * step;
</script>

<svg viewBox={`0 0 560 ${whole}`} role="img" aria-label={`UARTs of the FC: ${label}`}>
  <rect class="board" x="4" y="4" width="266" height={whole - 8} rx="6" />
  {#each rows as row, i (row.uart.name)}
    {#if i > 0}<line class="parting" x1="4" x2="270" y1={row.y} y2={row.y} />{/if}
    <text class="uart" x="18" y={row.y + row.height / 2 + (row.uart.note ? -3 : 6)}>UART {row.uart.name}</text
    >
    {#if row.uart.note}<text class="note" x="18" y={row.y + row.height / 2 + 15}>{row.uart.note}</text>{/if}
    {#each row.parts as part, k (k)}
      {@const y = middle(row, k, row.parts.length, PART)}
      {#each row.uart.pads as pad, n (pad.name + pad.side)}
        {#if part.pads.includes(pad.name)}
          <line
            class="wire {part.state}"
            x1="284"
            x2="330"
            y1={middle(row, n, row.uart.pads.length, PAD)}
            y2={y}
          />
        {/if}
      {/each}
      <rect class="part {part.state}" x="330" y={y - 18} width="222" height="36" rx="4" />
      <text x="344" y={y + 6}>{part.label}</text>
    {:else}
      <text class="note" x="344" y={row.y + row.height / 2 + 5}>free</text>
    {/each}
    {#each row.uart.pads as pad, n (pad.name + pad.side)}
      {@const y = middle(row, n, row.uart.pads.length, PAD)}
      <rect
        class="pad"
        class:used={row.parts.some((part) => part.pads.includes(pad.name))}
        x="256"
        y={y - 7}
        width="28"
        height="14"
        rx="2"
      />
      <text class="name" x="246" y={y + 5}>{pad.name} {pad.side}</text>
    {/each}
  {/each}
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
    font-size: 16px;
    fill: var(--ink);
  }

  .uart {
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

  .part.doubt {
    fill: var(--card);
    stroke: var(--doubt-fill);
    stroke-width: 2.5;
  }

  .part.danger {
    fill: var(--card);
    stroke: var(--danger);
    stroke-width: 2.5;
    stroke-dasharray: 7 3;
  }

  .part.unknown {
    fill: var(--card);
    stroke: var(--soft);
    stroke-dasharray: 2 4;
  }

  .wire {
    stroke: var(--act);
    stroke-width: 2;
  }

  .wire.doubt {
    stroke: var(--doubt-fill);
  }

  .wire.danger {
    stroke: var(--danger);
    stroke-dasharray: 7 3;
  }
</style>
