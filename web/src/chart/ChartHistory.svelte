<script lang="ts">
  import type { Schemas } from '../api/client';
  import { day } from '../shared/words';

  /** The work-ups of a craft, and what changed on its sheet. */
  let { chart }: { chart: Schemas['Chart'] } = $props();
</script>

<h2>Work-ups</h2>
<ul class="dated">
  {#each chart.workUps as w (w.id)}
    <li>
      <span class="small">{day(w.openedAt)}</span>
      <span
        ><a href={`/work-ups/${w.id}`}>{w.complaint}</a>
        <span class="small">{w.open ? 'open' : w.ended}</span></span
      >
    </li>
  {:else}
    <li class="small none">None yet.</li>
  {/each}
</ul>
<h2 class="later">What changed on the sheet</h2>
<ul class="dated">
  {#each chart.revisions as r (r.number)}
    <li>
      <span class="small">{day(r.enteredAt)}</span>
      <span>
        {r.number}. {r.reason}
        {#each r.changes as change, i (i)}
          <span class="change"
            >{change.what}: <span class="figure">{change.before} → {change.after}</span></span
          >
        {/each}
      </span>
    </li>
  {/each}
</ul>

<style>
  .change {
    display: block;
    color: var(--soft);
  }

  .later {
    margin-top: 1.6rem;
  }
</style>
