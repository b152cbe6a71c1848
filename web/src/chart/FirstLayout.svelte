<script lang="ts">
  import type { Schemas } from '../api/client';
  import NumberEntry from '../shared/NumberEntry.svelte';
  import type { WiringState } from './wiring.svelte';

  /** The wiring layout that a craft begins with. */
  let { work, layouts }: { work: WiringState; layouts: Schemas['Choice'][] } = $props();

  let layout = $state<'SEPARATE' | 'STACK'>('STACK');
  let first = $state<Schemas['BatteryOnSheet']>({
    cells: 4,
    chemistry: 'LIPO',
    capacityMah: 1500,
    cellMilliohms: 4
  });
</script>

<p>Pick a wiring layout. Change only what is different on this craft.</p>
<form
  class="grid"
  onsubmit={(event) => {
    event.preventDefault();
    void work.layOut(layout, first);
  }}
>
  <div class="field">
    <label for="layout">Wiring layout</label>
    <select id="layout" class="entry" bind:value={layout}>
      {#each layouts as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
    </select>
  </div>
  <div class="field">
    <label for="cells">Cells of the battery</label>
    <NumberEntry whole id="cells" class="entry" min={1} max={14} bind:value={first.cells} />
  </div>
  <div class="field">
    <label for="capacity">Capacity, mAh</label>
    <NumberEntry unit="mAh" id="capacity" class="entry" min={50} bind:value={first.capacityMah} />
  </div>
  <p><button class="act" disabled={work.busy}>Use this layout</button></p>
</form>

<style>
  .grid {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.8rem 1.2rem;
    margin: 0.8rem 0;
    align-items: end;
  }

  @media (max-width: 700px) {
    .grid {
      grid-template-columns: 1fr;
    }
  }
</style>
