<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import type { PartTypeState } from './partType.svelte';

  /** The pad that is picked. */
  let { work }: { work: PartTypeState } = $props();

  const KINDS = [
    { id: 'SUPPLY', label: 'takes a supply' },
    { id: 'FEED', label: 'gives a supply' },
    { id: 'GROUND', label: 'ground' },
    { id: 'OUTPUT', label: 'gives a motor signal' },
    { id: 'SIGNAL', label: 'takes a motor signal' },
    { id: 'SENSE', label: "measures the battery's voltage" },
    { id: 'CURRENT', label: 'reading of a current sensor' },
    { id: 'SERIAL', label: 'sends or hears on a serial line' },
    { id: 'VIDEO', label: 'has video in or out' }
  ];
</script>

{#if work.pad}
  <fieldset>
    <legend>Pad {work.pad.name}</legend>
    <div class="field">
      <label for="pad-name">As printed</label>
      <input
        id="pad-name"
        class="entry"
        value={work.pad.name}
        maxlength="8"
        oninput={(event) => work.rename(event.currentTarget.value)}
      />
    </div>
    <div class="field">
      <label for="pad-kind">Kind</label>
      <select id="pad-kind" class="entry" bind:value={work.partType.pads![work.at]!.kind}>
        {#each KINDS as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
      </select>
    </div>
    <div class="field">
      <label for="pad-volts">Volts, 0 for battery voltage</label>
      <NumberEntry
        unit="V"
        id="pad-volts"
        class="entry"
        min={0}
        bind:value={work.partType.pads![work.at]!.volts}
      />
    </div>
    <div class="field">
      <label for="pad-room">Wires that fit on it</label>
      <NumberEntry
        whole
        id="pad-room"
        class="entry"
        min={0}
        max={3}
        bind:value={work.partType.pads![work.at]!.room}
      />
    </div>
    <label class="tick alone"
      ><input type="checkbox" bind:checked={work.partType.pads![work.at]!.usb} /> live from the computer alone</label
    >
    <button type="button" class="plain" onclick={() => work.removePad()}>Remove pad</button>
  </fieldset>
{/if}

<style>
  fieldset {
    display: grid;
    gap: 0.6rem;
  }

  legend {
    font-weight: 700;
  }
</style>
