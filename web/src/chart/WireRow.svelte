<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import type { Schemas } from '../api/client';

  /** One wire while it is being changed. */
  let {
    wire = $bindable(),
    number,
    onremove
  }: { wire: Schemas['WireEntry']; number: number; onremove: () => void } = $props();
</script>

<div class="row">
  <input class="entry figure" list="pads" bind:value={wire.from} aria-label={`Wire ${number} from pad`} />
  <span aria-hidden="true">to</span>
  <input class="entry figure" list="pads" bind:value={wire.to} aria-label={`Wire ${number} to pad`} />
  <span class="unit"
    ><NumberEntry
      whole
      class="entry"
      min={0}
      max={40}
      bind:value={wire.gaugeAwg}
      aria-label={`Gauge of wire ${number}`}
    /> AWG</span
  >
  <span class="unit"
    ><NumberEntry
      unit="mm"
      class="entry"
      min={1}
      max={3000}
      bind:value={wire.lengthMm}
      aria-label={`Length of wire ${number} in millimetres`}
    /> mm</span
  >
  <label><input type="checkbox" bind:checked={wire.plugged} /> plugged</label>
  <button type="button" class="plain" aria-label={`remove wire ${number}`} onclick={onremove}>remove</button>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(7rem, 1fr) auto minmax(7rem, 1fr) 7rem 8rem auto auto;
    gap: 0.4rem 0.7rem;
    align-items: center;
    padding: 0.2rem 0;
  }

  .unit {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.3rem;
    align-items: center;
  }

  label {
    display: inline-flex;
    gap: 0.4rem;
    align-items: center;
    min-height: 44px;
  }

  @media (max-width: 700px) {
    .row {
      grid-template-columns: 1fr auto 1fr;
      border-bottom: 1px solid var(--rule);
    }
  }
</style>
