<script lang="ts">
  import type { Schemas } from '../api/client';
  import PowerMap from './PowerMap.svelte';
  import ProbeStrip from './ProbeStrip.svelte';
  import Sticks from './Sticks.svelte';
  import TopView from './TopView.svelte';

  /** Where on the craft a check acts, drawn as its kind asks; nothing where there is nothing to draw it on. */
  let {
    place,
    drawing,
    map,
    label
  }: {
    place: Schemas['PlaceView'];
    /** The craft from above. Default: none. */
    drawing?: Schemas['CraftDrawing'] | undefined;
    /** Its wires and parts. Default: none. */
    map?: Schemas['PowerMap'] | undefined;
    label: string;
  } = $props();

  let pads = $derived(
    (map?.points ?? []).filter((point) => point.partId === place.partId).map((point) => point.id)
  );
</script>

{#if place.kind === 'PROBES' && place.probes}
  {#if map}
    <ProbeStrip
      {map}
      red={place.probes.red}
      black={place.probes.black}
      label={`Red probe on ${place.probes.redLabel}, black on ${place.probes.blackLabel}`}
    />
  {/if}
{:else if place.kind === 'PART' && map && pads.length > 0}
  <PowerMap {map} closeTo={pads} {label} />
{:else if place.kind === 'STICK' && place.stick}
  <Sticks name={place.stick.name} toward={place.stick.toward} />
{:else if drawing}
  <TopView {drawing} pointed={place.corners} {label} />
{/if}
