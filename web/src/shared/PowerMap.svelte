<script lang="ts">
  import MapMarks from './MapMarks.svelte';
  import MapPoint from './MapPoint.svelte';
  import MapProbes from './MapProbes.svelte';
  import MapWires from './MapWires.svelte';
  import type { Schemas } from '../api/client';

  type Spot = Schemas['Spot'];

  /** Leads and parts of a craft, drawn from its build sheet. */
  let {
    map,
    label,
    red,
    black,
    flags = { red: 'red', black: 'black' },
    onpick,
    closeTo = []
  }: {
    map: Schemas['PowerMap'];
    label: string;
    /** Point of the red probe. Default: none. */
    red?: string | undefined;
    /** Point of the black probe. Default: none. */
    black?: string | undefined;
    /** What stands beside the two. Default: the colours of the probes. */
    flags?: { red: string; black: string };
    /** Makes the points selectable. Default: they are not. */
    onpick?: ((id: string) => void) | undefined;
    /** Points around which a strip is shown. Default: none, which shows the whole map. */
    closeTo?: string[];
  } = $props();

  /** A strip narrower than this would blow its text up. */
  const NARROWEST = 300;
  let at = $state('');
  let svg = $state<SVGSVGElement>();

  let probed = $derived(map.points.filter((p) => p.id === red || p.id === black));
  let frame = $derived.by(() => {
    const near = map.points.filter((p) => closeTo.includes(p.id));
    if (near.length === 0) {
      return { x: 0, y: 0, width: map.width, height: map.height };
    }
    const parts = new Set(near.map((p) => p.partId));
    const boxes = map.boxes.filter((b) => parts.has(b.partId));
    const margin = 84;
    const x0 = Math.min(...boxes.map((b) => b.x)) - margin;
    const x1 = Math.max(...boxes.map((b) => b.x + b.width)) + margin;
    // A strip around the two points: enough of either part to find them by.
    const y0 = Math.max(Math.min(...boxes.map((b) => b.y)) - 8, Math.min(...near.map((p) => p.y)) - 96);
    const y1 = Math.max(...near.map((p) => p.y)) + 62;
    return { x: x0, y: y0, width: Math.max(x1 - x0, NARROWEST), height: y1 - y0 };
  });
  let current = $derived(at || red || map.points[0]?.id || '');

  function nearest(from: Spot, dx: number, dy: number): Spot | undefined {
    let best: Spot | undefined;
    let least = Infinity;
    for (const p of map.points) {
      const along = (p.x - from.x) * dx + (p.y - from.y) * dy;
      const across = Math.abs((p.x - from.x) * dy) + Math.abs((p.y - from.y) * dx);
      const cost = along + 3 * across;
      if (along > 1 && cost < least) {
        least = cost;
        best = p;
      }
    }
    return best;
  }

  function onkeydown(event: KeyboardEvent, spot: Spot): void {
    const way = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[event.key];
    if (way) {
      event.preventDefault();
      const next = nearest(spot, way[0]!, way[1]!);
      if (next) {
        at = next.id;
        [...(svg?.querySelectorAll<SVGElement>('[data-point]') ?? [])]
          .find((point) => point.dataset.point === next.id)
          ?.focus();
      }
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      event.stopPropagation();
      onpick?.(spot.id);
    }
  }

  function probeName(id: string): string {
    return id === red ? flags.red : id === black ? flags.black : '';
  }
</script>

<svg
  bind:this={svg}
  viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
  role={onpick ? 'group' : 'img'}
  aria-label={label}
  style:max-width={`${frame.width}px`}
>
  <MapWires wires={map.wires} />
  {#each map.boxes as box (box.partId)}
    <rect class="box" x={box.x} y={box.y} width={box.width} height={box.height} />
    {@const top = Math.max(box.y, frame.y)}
    <text class="part" x={box.x + box.width / 2} y={top + 20} text-anchor="middle">{box.label}</text>
    <line class="under" x1={box.x} x2={box.x + box.width} y1={top + 29} y2={top + 29} />
  {/each}
  <MapMarks wires={map.wires} />
  {#each map.points.filter((p) => closeTo.length === 0 || p.y > frame.y + 40) as spot (spot.id)}
    {@const probe = probeName(spot.id)}
    {#if onpick}
      <g
        class="spot pick"
        data-point={spot.id}
        role="button"
        tabindex={spot.id === current ? 0 : -1}
        aria-pressed={probe !== ''}
        aria-label={spot.label + (probe ? `, ${probe}` : '')}
        onclick={() => onpick?.(spot.id)}
        onkeydown={(event) => onkeydown(event, spot)}
        onfocus={() => (at = spot.id)}
      >
        <rect
          class="hit"
          x={spot.pad ? (spot.right ? spot.x - 56 : spot.x - 12) : spot.x - 9}
          y={spot.y - 14}
          width={spot.pad ? 68 : 18}
          height="28"
        />
        <MapPoint {spot} />
      </g>
    {:else}
      <g class="spot"><MapPoint {spot} /></g>
    {/if}
  {/each}
  <MapProbes {probed} {red} nameOf={probeName} />
</svg>

<style>
  svg {
    width: 100%;
    height: auto;
    display: block;
  }

  .box {
    fill: var(--card);
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .under {
    stroke: var(--rule);
  }

  .part {
    font-size: 16px;
    font-weight: 600;
    fill: var(--ink);
  }

  .hit {
    fill: transparent;
  }

  .pick {
    outline: none;
    cursor: pointer;
  }

  .pick:focus-visible .hit {
    stroke: var(--doubt-fill);
    stroke-width: 3;
  }

  .pick:hover :global(.pad),
  .pick:hover :global(.end) {
    fill: var(--doubt-fill);
  }
</style>
