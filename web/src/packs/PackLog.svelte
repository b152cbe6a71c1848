<script lang="ts">
  import type { Schemas } from '../api/client';
  import { moment } from '../shared/words';

  /** The log of a pack, newest first. */
  let { entries }: { entries: Schemas['Dated'][] } = $props();

  function said(e: Schemas['PackEvent']): string {
    return [
      e.craft,
      e.minutes != null && `${e.minutes} min`,
      e.usedMah != null && `counted ${e.usedMah} mAh`,
      e.chargedMah != null && `charged back ${e.chargedMah} mAh`,
      e.restV != null && `${e.restV} V at rest`,
      e.loadV != null && `${e.loadV} V under ${e.loadA ?? '?'} A`,
      e.note
    ]
      .filter(Boolean)
      .join(', ');
  }
</script>

<ol class="dated">
  {#each entries as dated, i (i)}
    <li>
      <time class="small figure" datetime={dated.at}>{moment(dated.at)}</time>
      <span>{said(dated.entry)}</span>
    </li>
  {:else}
    <li class="small none">Nothing yet. A flight with what the charger put back gives its flight time.</li>
  {/each}
</ol>

<style>
  .dated {
    --date: 12rem;
  }
</style>
