<script lang="ts">
  import uPlot from 'uplot';
  import 'uplot/dist/uPlot.min.css';
  import type { Schemas } from '../api/client';

  /** Roll, pitch and yaw over time, told apart by dash as well as by colour. */
  let { series }: { series: Schemas['Series'] } = $props();

  let place = $state<HTMLDivElement>();
  let mode = $state(document.documentElement.dataset.mode);

  $effect(() => {
    const onmode = (): void => {
      mode = document.documentElement.dataset.mode;
    };
    document.documentElement.addEventListener('mode', onmode);
    return () => document.documentElement.removeEventListener('mode', onmode);
  });

  $effect(() => {
    if (!place || !mode) {
      return;
    }
    const css = getComputedStyle(document.documentElement);
    const colour = (name: string): string => css.getPropertyValue(name).trim();
    const axis = {
      stroke: colour('--soft'),
      grid: { stroke: colour('--rule'), width: 1 },
      ticks: { stroke: colour('--rule') },
      font: "16px 'Atkinson Hyperlegible Mono'",
      labelFont: "16px 'Atkinson Hyperlegible Next'"
    };
    const degrees = (_: uPlot, value: number | null): string =>
      value === null ? '' : `${value.toFixed(0)}°`;
    const plot = new uPlot(
      {
        width: place.clientWidth,
        height: 330,
        scales: { x: { time: false } },
        axes: [
          { ...axis, label: 'seconds' },
          { ...axis, label: 'degrees', size: 64 }
        ],
        series: [
          { label: 'time' },
          { label: 'roll', stroke: colour('--act'), width: 3, value: degrees },
          { label: 'pitch', stroke: colour('--doubt'), width: 3, dash: [10, 5], value: degrees },
          { label: 'yaw', stroke: colour('--slate'), width: 3, dash: [3, 4], value: degrees }
        ]
      },
      [series.timeS, series.rollDeg, series.pitchDeg, series.yawDeg],
      place
    );
    return () => plot.destroy();
  });

  let last = $derived(series.timeS.length - 1);
</script>

<div bind:this={place} role="img" aria-label="Roll, pitch and yaw over time"></div>
<p class="sr-only">
  At the end roll is {series.rollDeg[last]?.toFixed(0)}, pitch {series.pitchDeg[last]?.toFixed(0)}, yaw
  {series.yawDeg[last]?.toFixed(0)} degrees.
</p>

<style>
  div :global(.u-legend) {
    font-family: 'Atkinson Hyperlegible Next', sans-serif;
    font-size: 1rem;
    color: var(--ink);
  }
</style>
