<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { day, minutes } from '../shared/words';

  const repairLog = new Loading<Schemas['RepairLog']>();
  const lists = new Loading<{ crafts: Schemas['ListedCraft'][]; pages: Schemas['Page'][] }>();
  const asked = new URLSearchParams(location.search);
  let q = $state('');
  let craft = $state(asked.get('craft') ?? '');
  let cause = $state(asked.get('cause') ?? '');
  let from = $state('');
  let to = $state('');

  onMount(
    () =>
      void lists.load(async () => {
        const [crafts, pages] = await Promise.all([
          ask(api.GET('/api/crafts')),
          ask(api.GET('/api/handbook'))
        ]);
        return { crafts, pages: pages.filter((p) => p.chapter === 'FAULTS') };
      })
  );

  /** Days are meant where the reader is. */
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  let more = $state(false);

  $effect(() => {
    const query = { q, craft, cause, from, to, zone };
    void repairLog.load(() => ask(api.GET('/api/repair-log', { params: { query } })));
  });

  /** Adds the next page to what is shown. */
  async function showMore(shown: Schemas['RepairLog']): Promise<void> {
    more = true;
    const query = { q, craft, cause, from, to, zone, skip: shown.entries.length };
    await repairLog.load(async () => {
      const next = await ask(api.GET('/api/repair-log', { params: { query } }));
      return { ...next, entries: [...shown.entries, ...next.entries] };
    });
    more = false;
  }
</script>

<svelte:head><title>Repair log – Able Medic</title></svelte:head>

<section class="page">
  <div class="top">
    <h1>Repair log</h1>
    <span class="do"
      ><a class="quiet" href="/repair-log/trends">Trends</a>
      <a class="quiet" href="/api/repair-log.csv" download="repair-log.csv">All of it as CSV</a></span
    >
  </div>
  <div class="filters">
    <div class="field">
      <label for="q">Words</label>
      <input id="q" class="entry" bind:value={q} autocomplete="off" maxlength="100" />
    </div>
    <div class="field">
      <label for="craft">Craft</label>
      <select id="craft" class="entry" bind:value={craft}>
        <option value="">all</option>
        {#each lists.value?.crafts ?? [] as c (c.craftId)}<option value={c.craftId}>{c.craftId}</option
          >{/each}
      </select>
    </div>
    <div class="field">
      <label for="cause">Cause</label>
      <select id="cause" class="entry" bind:value={cause}>
        <option value="">all</option>
        {#each lists.value?.pages ?? [] as page (page.id)}<option value={page.id}>{page.title}</option>{/each}
      </select>
    </div>
    <div class="field">
      <label for="from">From</label>
      <input id="from" class="entry" type="date" bind:value={from} />
    </div>
    <div class="field">
      <label for="to">To</label>
      <input id="to" class="entry" type="date" bind:value={to} />
    </div>
  </div>
  <Notice text={repairLog.error} />
  {#if repairLog.value}
    {@const l = repairLog.value}
    <p class="small">
      {l.all}
      {l.all === 1 ? 'entry' : 'entries'}, {minutes(l.minutes)}.
      {#if l.returning.length > 0}
        Comes back: {l.returning.map((r) => `${r.title} (${r.times} times)`).join(', ')}.
      {/if}
    </p>
    {#each l.entries as entry (entry.id)}
      <article>
        <div class="when">
          <p class="figure">{day(entry.closedAt)}</p>
          <p><a href={`/crafts/${encodeURIComponent(entry.craftId)}`}>{entry.craftId}</a></p>
          <p class="small">{minutes(entry.minutes)}</p>
        </div>
        <div>
          <h2><a href={`/work-ups/${entry.workUpId}`}>{entry.complaint}</a></h2>
          {#if entry.causes.length > 0}<p><strong>{entry.causes.join('; ')}</strong></p>{/if}
          {#if entry.fixes.length > 0}<p>{entry.fixes.join('; ')}</p>{/if}
          {#each entry.changes as change (change)}<p class="figure">{change}</p>{/each}
          {#if entry.proof.length > 0}<p class="small">Proof: {entry.proof.join('; ')}</p>{/if}
          <p class="small">{entry.ended}{entry.reason ? `: ${entry.reason}` : ''}</p>
        </div>
      </article>
    {:else}
      <p>
        Nothing of that kind. {q || craft || cause || from || to
          ? 'Widen the search.'
          : 'It fills as work-ups are closed.'}
      </p>
    {/each}
    {#if l.entries.length < l.all}
      <p>
        <button class="quiet" disabled={more} onclick={() => void showMore(l)}>
          Show more ({l.all - l.entries.length} older)
        </button>
      </p>
    {/if}
  {/if}
</section>

<style>
  .top {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  .filters {
    display: grid;
    grid-template-columns: 1.6fr 1fr 1.6fr 1fr 1fr;
    gap: 0.9rem;
    margin: 1rem 0;
  }

  article {
    display: grid;
    grid-template-columns: 8rem 1fr;
    gap: 1.4rem;
    padding: 0.9rem 0;
    border-bottom: 1px solid var(--rule);
  }

  h2 {
    font-size: 1.1rem;
  }

  @media (max-width: 900px) {
    .filters {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
