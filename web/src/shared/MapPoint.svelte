<svelte:options namespace="svg" />

<script lang="ts">
  import type { Schemas } from '../api/client';

  /** A pad with its name, or the end of a wire. */
  let { spot }: { spot: Schemas['Spot'] } = $props();
</script>

{#if spot.pad}
  <circle class="pad" cx={spot.x} cy={spot.y} r="7" />
  <text
    class="name"
    x={spot.right ? spot.x - 13 : spot.x + 13}
    y={spot.y + 6}
    text-anchor={spot.right ? 'end' : 'start'}>{spot.name}</text
  >
{:else}
  <rect class="end" x={spot.x - 5} y={spot.y - 5} width="10" height="10" />
{/if}

<style>
  .name {
    font-family: 'Atkinson Hyperlegible Mono', monospace;
    font-size: 16px;
    fill: var(--ink);
  }

  .pad {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 2;
  }

  .end {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 1.5;
  }
</style>
