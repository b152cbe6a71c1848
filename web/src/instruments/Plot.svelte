<script lang="ts">
  import uPlot from 'uplot';
  import 'uplot/dist/uPlot.min.css';
  import type { Line } from './plot';

  /** Lines over one quantity, told apart by dash as well as by colour. */
  let {
    across,
    x,
    up,
    unit,
    lines,
    label,
    whole = false
  }: {
    across: string;
    x: number[];
    up: string;
    unit: string;
    lines: Line[];
    label: string;
    /** Whether it counts whole things, from none on. Default: it measures. */
    whole?: boolean;
  } = $props();

  const dashes = [[], [10, 5], [3, 4], [14, 4, 3, 4], [6, 3], [1, 5]];
  const colours = ['--act', '--doubt', '--slate', '--danger', '--soft', '--ink'];

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
    const top = Math.max(1, ...lines.flatMap((line) => line.y));
    const counted = whole ? { incrs: [1, 2, 5, 10, 20, 50, 100] } : {};
    const said = (_: uPlot, value: number | null): string =>
      value === null ? '' : `${value.toFixed(0)}${unit}`;
    const plot = new uPlot(
      {
        width: place.clientWidth,
        height: 330,
        scales: { x: { time: false }, ...(whole ? { y: { range: [0, top] as [number, number] } } : {}) },
        axes: [
          { ...axis, ...counted, label: across },
          { ...axis, ...counted, label: up, size: 64 }
        ],
        series: [
          { label: across },
          ...lines.map((line, i) => ({
            label: line.label,
            stroke: colour(colours[i % colours.length]!),
            width: 3,
            dash: dashes[i % dashes.length]!,
            value: said
          }))
        ]
      },
      [x, ...lines.map((line) => line.y)],
      place
    );
    return () => plot.destroy();
  });

  let last = $derived(x.length - 1);
</script>

<div bind:this={place} role="img" aria-label={label}></div>
<p class="sr-only">
  At the end: {lines.map((line) => `${line.label} ${line.y[last]?.toFixed(0)}${unit}`).join(', ')}.
</p>

<style>
  div :global(.u-legend) {
    font-family: 'Atkinson Hyperlegible Next', sans-serif;
    font-size: 1rem;
    color: var(--ink);
  }
</style>
