<script lang="ts">
  import type { Schemas } from '../api/client';
  import { minutes } from '../shared/words';
  import { zone } from '../transfer/transfer.svelte';

  /** What a work-up is about, with its papers. */
  let { view, onclose }: { view: Schemas['WorkUpView']; onclose: () => void } = $props();
</script>

<div class="head">
  <div>
    <h1>
      <a id="to-chart" href={`/crafts/${encodeURIComponent(view.craftId)}`}>{view.craftId}</a>
      <span class="complaint">{view.complaint}</span>
    </h1>
    <p class="small">
      Work-up {view.id} · {view.occasion} · {minutes(view.minutes)} so far
    </p>
  </div>
  <span class="papers"
    ><a class="plain" href={`/api/work-ups/${view.id}/job-sheet?${zone()}`} target="_blank">Job sheet</a>
    <a class="plain" href={`/api/work-ups/${view.id}/readings.csv`} download={`readings-${view.id}.csv`}
      >Readings</a
    ></span
  >
  {#if view.stage !== 'CLOSED'}
    <button class="quiet" onclick={onclose}>Close… <kbd>c</kbd></button>
  {/if}
</div>

<style>
  .papers {
    display: flex;
    gap: 1.2rem;
    margin: 0 1.2rem 0 auto;
    white-space: nowrap;
  }

  .head {
    display: flex;
    justify-content: space-between;
    align-items: start;
    gap: 1rem;
    padding: 0.9rem 1.5rem 0.4rem;
  }

  h1 {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.9rem;
    align-items: baseline;
    font-size: 1.45rem;
  }

  h1 a {
    letter-spacing: 0.04em;
  }

  .complaint {
    font-weight: 400;
  }
</style>
