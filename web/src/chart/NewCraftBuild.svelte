<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { NewCraftState } from './newCraft.svelte';

  /** Class and conventions of a new craft. */
  let { craft, choices }: { craft: NewCraftState; choices: Schemas['Choosable'] } = $props();

  const arrows = [
    { yaw: 0, label: 'forward' },
    { yaw: 90, label: 'right' },
    { yaw: 180, label: 'back' },
    { yaw: 270, label: 'left' }
  ];
</script>

<div class="field">
  <label for="class">Class</label>
  <select id="class" class="entry" bind:value={craft.craftClass}>
    {#each choices.classes as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
  </select>
</div>
<div class="field">
  <label for="spins">Props, seen from above</label>
  <select id="spins" class="entry" bind:value={craft.spins}>
    {#each choices.spins as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
  </select>
</div>
<div class="field">
  <label for="numbering">Motor numbering</label>
  <select id="numbering" class="entry" bind:value={craft.numbering}>
    {#each choices.numberings as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
  </select>
</div>
<div class="field">
  <label for="arrow">The arrow on the FC points</label>
  <select id="arrow" class="entry" bind:value={craft.yaw}>
    {#each arrows as one (one.yaw)}<option value={one.yaw}>{one.label}</option>{/each}
  </select>
  <label class="inline"
    ><input type="checkbox" bind:checked={craft.faceDown} /> the FC is mounted face down</label
  >
</div>
<div class="field">
  <label for="mode">Mode at take-off</label>
  <select id="mode" class="entry" bind:value={craft.mode}>
    {#each choices.modes as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
  </select>
</div>

<style>
  .inline {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
    font-weight: 400 !important;
  }
</style>
