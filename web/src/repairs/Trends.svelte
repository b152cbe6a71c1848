<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import Plot from '../instruments/Plot.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  const trends = new Loading<Schemas['Trends']>();
  const saved = new Loading<Schemas['Saved'][]>();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  onMount(() => {
    void trends.load(() => ask(api.GET('/api/repair-log/trends', { params: { query: { zone } } })));
    void saved.load(() => ask(api.GET('/api/repair-log/saved')));
  });
  let took = $derived(total(saved.value?.map((one) => one.tookMinutes)));
  let fixed = $derived(total(saved.value?.map((one) => one.fixedMinutes)));

  function total(minutes: number[] = []): number {
    return minutes.reduce((sum, one) => sum + one, 0);
  }

  /** By what the repairLog is searched for the entries of a list; a few it cannot be searched by. */
  const SEARCHED = { crafts: 'craft', causes: 'cause', parts: 'q', families: '', builders: '' };
  const TITLES = {
    causes: 'Causes',
    parts: 'Parts',
    crafts: 'Crafts',
    builders: 'Built by',
    families: 'Families of troubles'
  };
  const LISTS = Object.keys(TITLES) as (keyof typeof TITLES)[];
</script>

<svelte:head><title>Trends – Able Medic</title></svelte:head>

<section class="page">
  <h1>Trends</h1>
  <p class="small">From the workshop's own repair log: what keeps coming back, and what it takes to fix.</p>
  <Notice text={trends.error} />
  {#if trends.value}
    {@const t = trends.value}
    {#if t.months.length === 0}
      <p>Nothing was closed yet. <a href="/">The bench</a> has what is open.</p>
    {:else}
      {#if t.months.length > 1}
        <Plot
          across="months since {t.months[0]!.month}"
          x={t.months.map((_, i) => i)}
          up="work-ups"
          unit=""
          whole
          label="Work-ups closed and solved, month by month"
          lines={[
            { label: 'closed', y: t.months.map((m) => m.closed) },
            { label: 'solved', y: t.months.map((m) => m.solved) }
          ]}
        />
      {/if}
      {#if saved.value && saved.value.length > 0}
        <p class="saved">
          The last {saved.value.length} solved work-ups took
          <strong class="reading">{Math.round(took)} min</strong>
          of checks to find their causes. Every check of the family in its fixed order, until only that cause fits,
          is <strong class="reading">{Math.round(fixed)} min</strong>:
          {#if fixed > took}{Math.round(fixed - took)} min saved.{:else}nothing saved.{/if}
        </p>
        <details>
          <summary>One by one</summary>
          <table>
            <thead
              ><tr
                ><th scope="col">Craft</th><th scope="col">Cause</th><th scope="col">took</th><th scope="col"
                  >fixed order</th
                ></tr
              ></thead
            >
            <tbody>
              {#each saved.value as one (one.workUpId)}
                <tr>
                  <th scope="row"><a href={`/work-ups/${one.workUpId}`}>{one.craftId}</a></th>
                  <td>{one.cause}</td>
                  <td class="reading">{one.tookMinutes.toFixed(1)} min</td>
                  <td class="reading">{one.fixedMinutes.toFixed(1)} min</td>
                </tr>
              {/each}
            </tbody>
          </table>
        </details>
      {/if}
      <div class="columns">
        {#each LISTS as list (list)}
          {@const most = Math.max(...t[list].map((one) => one.times), 1)}
          <div>
            <h2>{TITLES[list]}</h2>
            <ul>
              {#each t[list].slice(0, 12) as one (one.id)}
                <li>
                  <span>
                    {#if SEARCHED[list]}<a
                        href={`/repair-log?${SEARCHED[list]}=${encodeURIComponent(one.id)}`}>{one.title}</a
                      >{:else}{one.title}{/if}
                  </span>
                  <span class="bar"><i style:width={`${(one.times / most) * 100}%`}></i></span>
                  <span class="small"
                    >{one.times === 1 ? 'once' : `${one.times} times`}, about {Math.round(one.minutes)} min{one.times ===
                    1
                      ? ''
                      : ' each'}</span
                  >
                </li>
              {:else}
                <li class="small">None yet.</li>
              {/each}
            </ul>
          </div>
        {/each}
      </div>
    {/if}
  {/if}
</section>

<style>
  .saved {
    margin-top: 1rem;
    max-width: 46rem;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th,
  td {
    padding: 0.3rem 0.7rem 0.3rem 0;
    border-bottom: 1px solid var(--rule);
    text-align: left;
    font-weight: 400;
  }

  .columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
    gap: 2.2rem;
    margin-top: 1.4rem;
  }

  li {
    display: grid;
    gap: 0.15rem;
    border-bottom: 1px solid var(--rule);
    padding: 0.4rem 0;
  }

  .bar {
    background: var(--slate-tint);
    height: 0.6rem;
    border-radius: 2px;
  }

  .bar i {
    display: block;
    height: 100%;
    background: var(--act);
    border-radius: 2px;
  }
</style>
