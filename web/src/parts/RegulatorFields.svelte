<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import type { PartTypeState } from './partType.svelte';

  /** The regulators on the part. */
  let { work }: { work: PartTypeState } = $props();
</script>

<h2>Regulators</h2>
{#each work.partType.regulators ?? [] as regulator, i (i)}
  <div class="regulator">
    {#each [{ key: 'in', label: 'from' }, { key: 'out', label: 'to' }, { key: 'minus', label: 'ground' }] as const as end (end.key)}
      <div class="field">
        <label for={`reg-${i}-${end.key}`}>{end.label}</label>
        <select id={`reg-${i}-${end.key}`} class="entry" bind:value={regulator[end.key]}>
          {#each work.names as name (name)}<option value={name}>{name}</option>{/each}
        </select>
      </div>
    {/each}
    <div class="field">
      <label for={`reg-${i}-v`}>gives, V</label>
      <NumberEntry unit="V" id={`reg-${i}-v`} class="entry" bind:value={regulator.volts} />
    </div>
    <div class="field">
      <label for={`reg-${i}-a`}>limit, A</label>
      <NumberEntry unit="A" id={`reg-${i}-a`} class="entry" bind:value={regulator.limitA} />
    </div>
    <label class="tick alone"><input type="checkbox" bind:checked={regulator.linear} /> linear</label>
    <button
      type="button"
      class="plain"
      aria-label={`remove regulator ${i + 1}`}
      onclick={() => work.partType.regulators!.splice(i, 1)}>remove</button
    >
  </div>
{/each}
<p><button type="button" class="quiet" onclick={() => work.addRegulator()}>Add regulator</button></p>

<style>
  .regulator {
    display: grid;
    grid-template-columns: repeat(5, minmax(5rem, 1fr)) auto auto;
    gap: 0.8rem;
    align-items: end;
  }

  @media (max-width: 700px) {
    .regulator {
      grid-template-columns: 1fr;
    }
  }
</style>
