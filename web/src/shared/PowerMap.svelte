<script lang="ts">
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
  const marks: Record<string, string> = { PROVEN: '✓', DOUBTED: '?', BROKEN: '✕' };
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

  function path(corners: number[]): string {
    let d = `M ${corners[0]} ${corners[1]}`;
    for (let i = 2; i < corners.length; i += 2) {
      d += ` L ${corners[i]} ${corners[i + 1]}`;
    }
    return d;
  }

  /** Where the mark of a wire stands: on its first stretch, clear of the pad. */
  function mark(corners: number[]): { x: number; y: number } {
    return { x: corners[0]! + (corners[2]! > corners[0]! ? 40 : -40), y: corners[1]! };
  }

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
  {#each map.wires as wire (wire.id)}
    <path class={`wire ${wire.purpose.toLowerCase()} ${wire.state.toLowerCase()}`} d={path(wire.corners)} />
  {/each}
  {#each map.boxes as box (box.partId)}
    <rect class="box" x={box.x} y={box.y} width={box.width} height={box.height} />
    {@const top = Math.max(box.y, frame.y)}
    <text class="part" x={box.x + box.width / 2} y={top + 20} text-anchor="middle">{box.label}</text>
    <line class="under" x1={box.x} x2={box.x + box.width} y1={top + 29} y2={top + 29} />
  {/each}
  {#each map.wires as wire (wire.id)}
    {#if marks[wire.state]}
      {@const m = mark(wire.corners)}
      <g class={`tick ${wire.state.toLowerCase()}`} transform={`translate(${m.x} ${m.y})`}>
        <circle r="10" />
        <text y="6" text-anchor="middle">{marks[wire.state]}</text>
      </g>
    {/if}
  {/each}
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
        {@render point(spot)}
      </g>
    {:else}
      <g class="spot">{@render point(spot)}</g>
    {/if}
  {/each}
  {#each probed as spot (spot.id)}
    {@const name = probeName(spot.id)}
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
</svg>

{#snippet point(spot: Spot)}
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
{/snippet}

<style>
  svg {
    width: 100%;
    height: auto;
    display: block;
  }

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

  .hit {
    fill: transparent;
  }

  .pick {
    outline: none;
    cursor: pointer;
  }

  .pick:hover .pad,
  .pick:hover .end {
    fill: var(--doubt-fill);
  }

  .pick:focus-visible .hit {
    stroke: var(--doubt-fill);
    stroke-width: 3;
  }

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
