<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Schemas } from '../api/client';

  /** The craft from above, drawn from its build sheet. */
  let {
    drawing,
    pointed = [],
    label = 'The craft from above, nose up',
    onpick,
    around
  }: {
    drawing: Schemas['CraftDrawing'];
    /** Corners that something points at. Default: none. */
    pointed?: string[];
    label?: string;
    /** Makes the motors and the board selectable: is told a corner, or `board`. Default: they are not. */
    onpick?: ((what: string) => void) | undefined;
    /** Drawn on top, in the same frame. */
    around?: Snippet;
  } = $props();

  const HALF = 170;
  let reach = $derived(
    Math.max(
      ...drawing.drives.map(
        (d) => Math.max(Math.abs(d.forwardMm), Math.abs(d.rightMm)) + d.propDiameterMm / 2
      )
    )
  );
  let scale = $derived(HALF / reach);
  let drives = $derived(
    drawing.drives.map((d) => ({
      ...d,
      x: d.rightMm * scale,
      y: -d.forwardMm * scale,
      r: (d.propDiameterMm / 2) * scale * 0.94,
      cw: d.spin === 'CLOCKWISE',
      on: pointed.includes(d.corner)
    }))
  );

  /** The turning craftId: an arc outside the blade tips with a head at its end. */
  function arc(r: number, cw: boolean): string {
    const a = (cw ? -150 : -30) * (Math.PI / 180);
    const b = (cw ? -35 : -145) * (Math.PI / 180);
    const at = (t: number) => `${(r * Math.cos(t)).toFixed(1)} ${(r * Math.sin(t)).toFixed(1)}`;
    return `M ${at(a)} A ${r} ${r} 0 0 ${cw ? 1 : 0} ${at(b)}`;
  }

  function head(r: number, cw: boolean): string {
    const b = (cw ? -35 : -145) * (Math.PI / 180);
    const x = r * Math.cos(b);
    const y = r * Math.sin(b);
    const s = cw ? 1 : -1;
    return `M ${x - s * 9} ${y - 7} L ${x} ${y} L ${x - s * 1} ${y - 12}`;
  }
</script>

<svg viewBox="-192 -214 384 402" role={around || onpick ? 'group' : 'img'} aria-label={label}>
  <g class="ink">
    <text class="front" x="0" y="-196" text-anchor="middle">front</text>
    <path d="M -7 -184 L 0 -192 L 7 -184" />
    {#each drives as d (d.corner)}
      <line x1={d.x * 0.17} y1={d.y * 0.17} x2={d.x} y2={d.y} class="arm" />
    {/each}
    {#each drives as d (d.corner)}
      <g transform={`translate(${d.x} ${d.y})`}>
        <circle r={d.r} class="sweep" class:on={d.on} />
        <path d={arc(d.r * 0.78, d.cw)} class="turn" />
        <path d={head(d.r * 0.78, d.cw)} class="turn" />
        <circle r="3" class="hub" />
        <text class="corner" x="0" y="24" text-anchor="middle">{d.shortName}</text>
        <text class="output" y="46" text-anchor="middle">m{d.motor} o{d.output}</text>
      </g>
    {/each}
    <g transform={`rotate(${drawing.arrowDeg})`}>
      <rect x="-23" y="-23" width="46" height="46" class="board" class:down={drawing.faceDown} />
      <path d="M 0 14 L 0 -14 M -7 -6 L 0 -14 L 7 -6" class="arrow" />
    </g>
  </g>
  {#if onpick}
    {#each [...drives.map( (d) => ({ id: d.corner as string, label: `the ${d.name} motor`, x: d.x, y: d.y, r: d.r }) ), { id: 'board', label: 'the flight controller', x: 0, y: 0, r: 30 }] as target (target.id)}
      <circle
        class="target"
        cx={target.x}
        cy={target.y}
        r={target.r}
        role="button"
        tabindex="0"
        aria-pressed={pointed.includes(target.id)}
        aria-label={target.label}
        onclick={() => onpick?.(target.id)}
        onkeydown={(event) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onpick?.(target.id);
          }
        }}
      />
    {/each}
  {/if}
  {@render around?.()}
</svg>

<style>
  svg {
    width: 100%;
    height: auto;
    display: block;
  }

  .ink path,
  .ink line {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .arm {
    stroke-width: 6 !important;
    stroke: var(--rule) !important;
    stroke-linecap: round;
  }

  .sweep {
    fill: var(--card);
    stroke: var(--soft);
    stroke-dasharray: 2 5;
  }

  .sweep.on {
    stroke: var(--doubt);
    stroke-width: 4;
    stroke-dasharray: none;
  }

  .turn {
    stroke-width: 2 !important;
  }

  .hub {
    fill: var(--ink);
  }

  .board {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .board.down {
    stroke-dasharray: 4 3;
  }

  .arrow {
    stroke: var(--act) !important;
    stroke-width: 3 !important;
  }

  .target {
    fill: transparent;
    outline: none;
    cursor: pointer;
  }

  .target:hover,
  .target[aria-pressed='true'] {
    fill: color-mix(in srgb, var(--doubt-fill) 22%, transparent);
  }

  .target:focus-visible {
    stroke: var(--doubt-fill);
    stroke-width: 5;
  }

  text {
    fill: var(--ink);
    font-size: 21px;
  }

  .front {
    fill: var(--soft);
  }

  .corner {
    font-weight: 700;
    font-size: 23px;
  }

  .output {
    font-family: 'Atkinson Hyperlegible Mono', monospace;
    font-size: 21px;
    fill: var(--soft);
  }
</style>
