<script lang="ts">
  import type { Schemas } from '../api/client';
  import PowerMap from './PowerMap.svelte';

  /** The two probes on the drawing of this craft: one strip, or one for each probe where they are far apart. */
  let { map, red, black, label }: { map: Schemas['PowerMap']; red: string; black: string; label: string } =
    $props();

  /** Parts further apart than this do not fit into one strip that can be read, in units of the drawing. */
  const FAR = 330;
  let far = $derived.by(() => {
    const x = (id: string): number => map.points.find((point) => point.id === id)?.x ?? 0;
    return Math.abs(x(red) - x(black)) > FAR;
  });
</script>

{#if far}
  <div class="pair">
    <PowerMap {map} {red} {black} closeTo={[red]} label={`${label}: the red probe`} />
    <PowerMap {map} {red} {black} closeTo={[black]} label={`${label}: the black probe`} />
  </div>
{:else}
  <PowerMap {map} {red} {black} closeTo={[red, black]} {label} />
{/if}

<style>
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.8rem;
  }
</style>
