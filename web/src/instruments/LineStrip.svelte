<script lang="ts">
  import type { Schemas } from '../api/client';
  import { drawn, lasting } from './capture.svelte';

  /** The beginning of a recorded line as a strip of paper, with the bytes that lie in it. */
  let { tells }: { tells: Schemas['Tells'] } = $props();

  const WIDTH = 1000;
  const TOP = 14;
  const DEEP = 46;
  const MARGIN = 6;
  let whole = $derived(tells.stripS.reduce((sum, one) => sum + one, 0));
  let points = $derived(
    drawn(tells.stripFirstHigh, tells.stripS)
      .map((p) => `${(MARGIN + p.x * (WIDTH - 2 * MARGIN)).toFixed(1)},${TOP + p.y * DEEP}`)
      .join(' ')
  );
  let ticks = $derived.by(() => {
    const step = [1, 2, 5, 10]
      .flatMap((n) => [-7, -6, -5, -4, -3, -2, -1, 0].map((e) => n * 10 ** e))
      .sort((a, b) => a - b)
      .find((s) => whole / s <= 8);
    return step ? Array.from({ length: Math.floor(whole / step) + 1 }, (_, i) => i * step) : [];
  });
  const x = (seconds: number): number => MARGIN + (seconds / whole) * (WIDTH - 2 * MARGIN);
  const hex = (value: number): string => value.toString(16).toUpperCase().padStart(2, '0');
</script>

{#if tells.stripS.length > 1}
  <div class="paper">
    <svg viewBox={`0 0 ${WIDTH} 116`} role="img" aria-label={`The first ${lasting(whole)} of the line`}>
      {#each ticks as tick (tick)}
        <line class="tick" x1={x(tick)} x2={x(tick)} y1={TOP - 8} y2="94" />
        <text x={Math.min(x(tick), WIDTH - 60)} y="110">{lasting(tick)}</text>
      {/each}
      {#each tells.stripBytes as byte (byte.fromS)}
        <rect
          class:wrong={!byte.sound}
          x={x(byte.fromS)}
          width={Math.max(1, x(Math.min(byte.toS, whole)) - x(byte.fromS))}
          y="70"
          height="22"
        />
        {#if byte.toS <= whole}
          <text class="byte" x={x((byte.fromS + byte.toS) / 2)} y="86">{hex(byte.value)}</text>
        {/if}
      {/each}
      <polyline {points} />
    </svg>
  </div>
{/if}

<style>
  .paper {
    background: var(--card);
    border: 1px solid var(--rule);
    border-radius: 4px;
    padding: 0.4rem;
    overflow-x: auto;
  }

  svg {
    display: block;
    width: 100%;
    min-width: 40rem;
  }

  polyline {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
    stroke-linejoin: round;
  }

  .tick {
    stroke: var(--rule);
  }

  text {
    font-size: 13px;
    fill: var(--soft);
  }

  rect {
    fill: var(--act-tint);
    stroke: var(--act);
  }

  rect.wrong {
    fill: var(--danger-tint);
    stroke: var(--danger);
    stroke-dasharray: 4 2;
  }

  .byte {
    font-family: 'Atkinson Hyperlegible Mono', monospace;
    text-anchor: middle;
    fill: var(--ink);
  }
</style>
