<script lang="ts">
  import { seconds, type Timeline } from './failsafe.svelte';

  /** Height over time; what it is compared with is drawn thin. */
  let { shown }: { shown: Timeline[] } = $props();

  const WIDTH = 560;
  const HEIGHT = 190;
  let longest = $derived(Math.max(3, ...shown.flatMap((one) => one.heights.map((at) => at.atS))));
  let highest = $derived(Math.max(5, ...shown.flatMap((one) => one.heights.map((at) => at.heightM))));
  const x = (s: number): number => 30 + ((WIDTH - 40) * s) / longest;
  const y = (m: number): number => 10 + (HEIGHT - 30) * (1 - m / highest);
  const path = (one: Timeline): string =>
    one.heights.map((at, i) => `${i === 0 ? 'M' : 'L'} ${x(at.atS)} ${y(at.heightM)}`).join(' ');
</script>

{#if shown[0]}
  <svg viewBox={`0 0 ${WIDTH} ${HEIGHT + 18}`} role="img" aria-label={`Height over time: ${shown[0].end}`}>
    <path d={`M 30 ${y(0)} H ${WIDTH - 10}`} class="ground" />
    <text x="0" y={y(highest) + 12}>{Math.round(highest)} m</text>
    <text x={WIDTH - 10} y={y(0) + 34} text-anchor="end">{seconds(longest)}</text>
    {#if shown[1]}<path d={path(shown[1])} class="line compared" />{/if}
    <path d={path(shown[0])} class="line" />
    {#each shown[0].events as one, i (i)}
      <path d={`M ${x(one.atS)} ${y(0) - 5} V ${y(0) + 5}`} class="mark" />
      <text x={x(one.atS)} y={y(0) + 17} text-anchor="middle">{i + 1}</text>
    {/each}
  </svg>
{/if}

<style>
  svg {
    width: 100%;
  }

  .ground,
  .mark {
    stroke: var(--soft);
    stroke-width: 1.5;
    fill: none;
  }

  .line {
    stroke: var(--act);
    stroke-width: 3.5;
    fill: none;
  }

  .compared {
    stroke: var(--slate);
    stroke-width: 1.5;
  }

  text {
    fill: var(--soft);
    font-size: 13px;
  }
</style>
