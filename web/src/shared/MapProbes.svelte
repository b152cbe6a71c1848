<svelte:options namespace="svg" />

<script lang="ts">
  import type { Schemas } from '../api/client';

  /** The two probes of a meter on their points. */
  let {
    probed,
    red,
    nameOf
  }: {
    probed: Schemas['Spot'][];
    /** Point of the red probe. Default: none. */
    red: string | undefined;
    nameOf: (id: string) => string;
  } = $props();
</script>

{#each probed as spot (spot.id)}
  {@const name = nameOf(spot.id)}
  {@const above = probed.every(
    (other) => other.y > spot.y || other.id === spot.id || (other.y === spot.y && spot.id === red)
  )}
  <g class="probe" transform={`translate(${spot.x} ${spot.y})`}>
    <circle r="11" />
    <line y1={above ? -11 : 11} y2={above ? -20 : 20} />
    <rect x={spot.right ? -8 : -50} y={above ? -45 : 20} width="58" height="25" rx="3" />
    <text x={spot.right ? 21 : -21} y={above ? -27 : 38} text-anchor="middle">{name}</text>
  </g>
{/each}

<style>
  .probe circle,
  .probe line {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
  }

  .probe rect {
    fill: var(--ink);
  }

  .probe text {
    fill: var(--paper);
    font-size: 17px;
    font-weight: 700;
  }
</style>
