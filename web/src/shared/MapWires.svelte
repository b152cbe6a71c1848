<svelte:options namespace="svg" />

<script lang="ts">
  import type { Schemas } from '../api/client';

  /** The wires of a map, by purpose and by what is known of them. */
  let { wires }: { wires: Schemas['WireRun'][] } = $props();

  function path(corners: number[]): string {
    let d = `M ${corners[0]} ${corners[1]}`;
    for (let i = 2; i < corners.length; i += 2) {
      d += ` L ${corners[i]} ${corners[i + 1]}`;
    }
    return d;
  }
</script>

{#each wires as wire (wire.id)}
  <path class={`wire ${wire.purpose.toLowerCase()} ${wire.state.toLowerCase()}`} d={path(wire.corners)} />
{/each}

<style>
  .wire {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.5;
    stroke-linejoin: round;
  }

  .wire.supply {
    stroke-width: 3.5;
  }

  .wire.signal {
    stroke-dasharray: 2 4;
    stroke-width: 2;
  }

  .wire.sense {
    stroke-dasharray: 10 4 2 4;
    stroke-width: 2;
  }

  .wire.proven {
    stroke: var(--act);
  }

  .wire.doubted {
    stroke: var(--doubt);
  }

  .wire.broken {
    stroke: var(--danger);
  }
</style>
