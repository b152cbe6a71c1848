<svelte:options namespace="svg" />

<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What is known of each wire, as a mark on it. */
  let { wires }: { wires: Schemas['WireRun'][] } = $props();

  const marks: Record<string, string> = { PROVEN: '✓', DOUBTED: '?', BROKEN: '✕' };

  /** Where the mark of a wire stands: on its first stretch, clear of the pad. */
  function mark(corners: number[]): { x: number; y: number } {
    return { x: corners[0]! + (corners[2]! > corners[0]! ? 40 : -40), y: corners[1]! };
  }
</script>

{#each wires as wire (wire.id)}
  {#if marks[wire.state]}
    {@const m = mark(wire.corners)}
    <g class={`tick ${wire.state.toLowerCase()}`} transform={`translate(${m.x} ${m.y})`}>
      <circle r="10" />
      <text y="6" text-anchor="middle">{marks[wire.state]}</text>
    </g>
  {/if}
{/each}

<style>
  .tick circle {
    fill: var(--card);
    stroke: currentcolor;
    stroke-width: 1.5;
  }

  .tick text {
    font-size: 16px;
    font-weight: 700;
    fill: currentcolor;
  }

  .tick.proven {
    color: var(--act);
  }

  .tick.doubted {
    color: var(--doubt);
  }

  .tick.broken {
    color: var(--danger);
  }
</style>
