<script lang="ts">
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import PowerMap from '../shared/PowerMap.svelte';
  import WireRow from './WireRow.svelte';
  import type { WiringState } from './wiring.svelte';

  /** The wires of a craft, changed on their drawing: a pad shows its wires, a second pad is joined to it. The pad that somebody came for is picked. */
  let { work, sought = '' }: { work: WiringState; sought?: string } = $props();

  const map = new Loading<Schemas['PowerMap']>();
  let pad = $state(untrack(() => sought));
  let wires = $state<HTMLElement>();

  /** Read each time something is changed, so that the drawing follows. */
  let drawn = $derived(work.entry());

  $effect(() => {
    const body = drawn;
    if (body && work.wires.every((wire) => wire.from && wire.to)) {
      untrack(() => void map.load(() => ask(api.POST('/api/wiring-map', { body }))));
    }
  });

  let pads = $derived(
    map.value ? { ...map.value, points: map.value.points.filter((p) => p.pad) } : undefined
  );
  let named = $derived((id: string) => pads?.points.find((p) => p.id === id)?.label ?? id);
  let at = $derived([...work.wires.keys()].filter((i) => pad !== '' && work.touches(i, pad)));

  $effect(() => {
    if (wires && sought) {
      wires.scrollIntoView({ block: 'center' });
      wires.querySelector('input')?.focus({ preventScroll: true });
    }
  });

  function pick(id: string): void {
    if (pad === '' || pad === id) {
      pad = pad === id ? '' : id;
      return;
    }
    work.join(pad, id);
  }
</script>

<Notice text={map.error} />
{#if pads}
  <p class="small" aria-live="polite">
    {#if pad}{named(pad)}: press another pad to run a wire there, or this one again to let go.
    {:else}Press a pad to see and change its wires.{/if}
  </p>
  <div class="map" style:--natural={`${pads.width}px`}>
    <PowerMap
      map={pads}
      label={`Parts and wiring of ${work.craftId}, to be changed`}
      red={pad || undefined}
      flags={{ red: 'from', black: 'to' }}
      onpick={pick}
    />
  </div>
  {#if pad}
    <div bind:this={wires}>
      <h3>Wires at {named(pad)}</h3>
      {#each at as i (i)}
        <WireRow bind:wire={work.wires[i]!} number={i + 1} onremove={() => work.wires.splice(i, 1)} />
      {:else}
        <p class="small">None.</p>
      {/each}
    </div>
  {/if}
{/if}

<style>
  .map {
    overflow-x: auto;
  }

  .map :global(svg) {
    width: var(--natural);
    max-width: none !important;
  }
</style>
