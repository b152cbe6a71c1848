<script lang="ts">
  import type { Schemas } from '../api/client';
  import NumberEntry from '../shared/NumberEntry.svelte';
  import type { NewCraftState } from './newCraft.svelte';

  /** How a new craft is wired: layout, flight controller, battery and parts. */
  let { craft, choices }: { craft: NewCraftState; choices: Schemas['Choosable'] } = $props();
</script>

<div class="field">
  <label for="layout">Wiring layout</label>
  <select id="layout" class="entry" bind:value={craft.layout} onchange={() => (craft.board = '')}>
    {#each choices.layouts as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
    <option value="">to be entered later</option>
  </select>
</div>
{#if craft.layout}
  <div class="field">
    <label for="board">Flight controller</label>
    <select id="board" class="entry" bind:value={craft.board}>
      <option value="">the usual FC of that layout, without UARTs</option>
      {#each choices.boards.filter((one) => one.layouts.includes(craft.layout as 'STACK')) as one (one.id)}
        <option value={one.id}>{one.label}</option>
      {/each}
    </select>
    <span class="small">Its UARTs are set from the wiring.</span>
  </div>
  <fieldset class="field">
    <legend>Battery</legend>
    <div class="pack">
      <NumberEntry
        whole
        class="entry"
        min={1}
        max={14}
        bind:value={craft.cells}
        aria-label="Cells of the battery"
      />
      <span>cells</span>
      <NumberEntry
        unit="mAh"
        class="entry"
        min={50}
        max={100000}
        bind:value={craft.capacityMah}
        aria-label="Capacity of the battery in mAh"
      />
      <span>mAh</span>
    </div>
    <select class="entry" bind:value={craft.chemistry} aria-label="Chemistry of the battery">
      {#each choices.chemistries as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
    </select>
  </fieldset>
  <fieldset class="field whole">
    <legend>Other parts</legend>
    <div class="parts">
      {#each choices.parts as one (one.id)}
        <label class="inline"
          ><input type="checkbox" value={one.id} bind:group={craft.parts} /> {one.label}</label
        >
      {/each}
    </div>
    <span class="small">Their wires go to the first pads that fit; you can move them later.</span>
  </fieldset>
{/if}

<style>
  .inline {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
    font-weight: 400 !important;
  }

  .whole {
    grid-column: 1 / -1;
  }

  .pack {
    display: grid;
    grid-template-columns: 1fr auto 1.4fr auto;
    gap: 0.5rem;
    align-items: center;
  }

  .parts {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  }

  legend {
    font-weight: 700;
  }
</style>
