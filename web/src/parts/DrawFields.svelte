<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import type { PartTypeState } from './partType.svelte';

  /** What the part draws. */
  let { work }: { work: PartTypeState } = $props();

  let load = $derived(work.partType.loads?.[0]);
</script>

<h2>Current draw</h2>
{#if load}
  <div class="grid">
    <div class="field">
      <label for="load-v">At, V</label>
      <NumberEntry unit="V" id="load-v" class="entry" bind:value={load.volts} />
    </div>
    <div class="field">
      <label for="load-a">Typical current, A</label>
      <NumberEntry unit="A" id="load-a" class="entry" bind:value={load.amps} />
    </div>
    <div class="field">
      <label for="load-poor">Worst-case current, A</label>
      <NumberEntry unit="A" id="load-poor" class="entry" bind:value={load.poorAmps} />
    </div>
  </div>
  <p>
    <button type="button" class="plain" onclick={() => (work.partType.loads = [])}>Remove draw</button>
  </p>
{:else}
  <p>
    None worth counting.
    <button
      type="button"
      class="plain"
      onclick={() =>
        (work.partType.loads = [
          { plus: work.names[0] ?? '', minus: work.names[1] ?? '', volts: 5, amps: 0.1, poorAmps: 0.1 }
        ])}>Add draw</button
    >
  </p>
{/if}

<style>
  .grid {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.8rem 1.2rem;
    align-items: end;
  }

  @media (max-width: 700px) {
    .grid {
      grid-template-columns: 1fr;
    }
  }
</style>
