<script lang="ts">
  import type { Schemas } from '../api/client';
  import BeliefBar from '../shared/BeliefBar.svelte';
  import { minutes } from '../shared/words';

  /** One craft that needs something. */
  let { summary, number }: { summary: Schemas['Summary']; number: number } = $props();

  const stages = { LOOKING: 'Looking', FIXING: 'To fix', PROVING: 'To prove', CLOSED: 'Closed' };
</script>

<article>
  <span class="number figure" aria-hidden="true">{number}</span>
  <div class="what">
    <h3><a href={`/work-ups/${summary.workUpId}`}>{summary.craftId}</a></h3>
    <p>{summary.complaint}</p>
  </div>
  <div class="suspect">
    {#if summary.stage === 'PROVING'}
      <p>Fixed, not proven yet</p>
    {:else if summary.suspect}
      <p>{summary.suspect}</p>
      <BeliefBar belief={summary.belief} word={summary.word} />
    {/if}
  </div>
  <div class="next">
    {#if summary.pending}
      <p class="small" aria-busy="true">Being worked out…</p>
    {:else}
      <p><span class="small">{stages[summary.stage]} ·</span> {summary.next}</p>
      <p class="small">{minutes(summary.minutes)} so far{summary.blocked ? ` · ${summary.blocked}` : ''}</p>
    {/if}
  </div>
</article>

<style>
  article {
    display: grid;
    grid-template-columns: 2rem minmax(12rem, 1.2fr) 1.2fr 1.1fr;
    gap: 0 1.4rem;
    padding: 0.8rem 0;
    border-bottom: 1px solid var(--rule);
    align-items: start;
  }

  .number {
    color: var(--soft);
    padding-top: 0.1rem;
  }

  h3 a {
    letter-spacing: 0.04em;
  }

  @media (max-width: 900px) {
    article {
      grid-template-columns: 1.5rem 1fr 1fr;
    }

    .next {
      grid-column: 2 / -1;
      padding-top: 0.4rem;
    }
  }
</style>
