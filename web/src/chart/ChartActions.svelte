<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What can be done with a craft. */
  let { chart, onground, onsign }: { chart: Schemas['Chart']; onground: () => void; onsign: () => void } =
    $props();

  let open = $derived(chart.workUps.find((one) => one.open));
</script>

<div class="do">
  {#if open}
    <a class="act" href={`/work-ups/${open.id}`}>Go on with the work-up</a>
  {:else}
    <a class="act" href={`/work-ups/new?craft=${encodeURIComponent(chart.craftId)}`}>Start a work-up</a>
  {/if}
  <a class="quiet" href={`/crafts/${encodeURIComponent(chart.craftId)}/set-up`}>Set up</a>
  <a class="quiet" href={`/new-craft?like=${encodeURIComponent(chart.craftId)}`}>Duplicate</a>
  {#if chart.state === 'FIT'}
    <button class="quiet" onclick={onground}>Ground craft</button>
  {/if}
  {#if chart.fitness === 'GROUNDED' && chart.conflicts.length === 0}
    <button class="quiet" onclick={onsign}>Sign off craft…</button>
  {/if}
</div>

<style>
  .do {
    display: flex;
    gap: 0.8rem;
    align-items: start;
  }
</style>
