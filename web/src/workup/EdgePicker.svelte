<script lang="ts">
  import type { Schemas } from '../api/client';
  import TopView from '../shared/TopView.svelte';

  /** The edge or corner that dropped first, chosen on the drawing. */
  let {
    drawing,
    edges,
    chosen,
    onchoose
  }: {
    drawing: Schemas['CraftDrawing'];
    /** The eight edges clockwise from the front. */
    edges: { id: string; label: string }[];
    chosen: string | undefined;
    onchoose: (id: string | undefined) => void;
  } = $props();

  const INNER = 60;
  const OUTER = 198;

  function sector(i: number): string {
    const from = (i * 45 - 90 - 21.5) * (Math.PI / 180);
    const to = (i * 45 - 90 + 21.5) * (Math.PI / 180);
    const at = (r: number, t: number) => `${(r * Math.cos(t)).toFixed(1)} ${(r * Math.sin(t)).toFixed(1)}`;
    return `M ${at(INNER, from)} L ${at(OUTER, from)} A ${OUTER} ${OUTER} 0 0 1 ${at(OUTER, to)} L ${at(INNER, to)} A ${INNER} ${INNER} 0 0 0 ${at(INNER, from)} Z`;
  }

  function onkeydown(event: KeyboardEvent, i: number): void {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step !== undefined) {
      event.preventDefault();
      const next = (i + step + edges.length) % edges.length;
      onchoose(edges[next]!.id);
      (event.currentTarget as SVGElement).parentElement
        ?.querySelectorAll<SVGElement>('[role=radio]')
        [next]?.focus();
    } else if (event.key === ' ' || event.key === 'Enter') {
      event.preventDefault();
      event.stopPropagation();
      onchoose(chosen === edges[i]!.id ? undefined : edges[i]!.id);
    }
  }
</script>

<div class="picker">
  <TopView {drawing} label="The craft from above">
    {#snippet around()}
      <g role="radiogroup" aria-label="Which edge or corner dropped first?">
        {#each edges as edge, i (edge.id)}
          <path
            d={sector(i)}
            role="radio"
            aria-checked={chosen === edge.id}
            aria-label={edge.label}
            tabindex={chosen === edge.id || (!edges.some((e) => e.id === chosen) && i === 0) ? 0 : -1}
            class:chosen={chosen === edge.id}
            onclick={() => onchoose(chosen === edge.id ? undefined : edge.id)}
            onkeydown={(event) => onkeydown(event, i)}
          />
        {/each}
      </g>
    {/snippet}
  </TopView>
  <p class="small" aria-live="polite">
    {edges.find((edge) => edge.id === chosen)?.label ?? 'Press the side that went down first.'}
  </p>
</div>

<style>
  .picker {
    max-width: 21rem;
    text-align: center;
  }

  path {
    fill: transparent;
    stroke: transparent;
    stroke-width: 2;
    cursor: pointer;
  }

  path:hover {
    fill: color-mix(in srgb, var(--doubt-fill) 18%, transparent);
  }

  path.chosen {
    fill: color-mix(in srgb, var(--doubt-fill) 35%, transparent);
    stroke: var(--doubt);
    stroke-width: 3;
  }

  path:focus-visible {
    outline: none;
    stroke: var(--doubt-fill);
    stroke-width: 5;
  }
</style>
