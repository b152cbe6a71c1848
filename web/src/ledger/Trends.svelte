<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import Plot from '../instruments/Plot.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  const trends = new Loading<Schemas['Trends']>();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  onMount(() => void trends.load(() => ask(api.GET('/api/ledger/trends', { params: { query: { zone } } }))));

  function search(list: 'crafts' | 'causes', id: string): string {
    return `/ledger?${list === 'crafts' ? 'craft' : 'cause'}=${encodeURIComponent(id)}`;
  }
</script>

<svelte:head><title>Trends – Able Medic</title></svelte:head>

<section class="page">
  <h1>Trends</h1>
  <p class="small">From the workshop's own ledger: what comes back again and again, and what it takes.</p>
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
      <div class="columns">
        {#each [{ key: 'causes', title: 'Causes', list: t.causes }, { key: 'crafts', title: 'Crafts', list: t.crafts }, { key: 'families', title: 'Families of troubles', list: t.families }] as const as part (part.key)}
          {@const most = Math.max(...part.list.map((one) => one.times), 1)}
          <div>
            <h2>{part.title}</h2>
            <ul>
              {#each part.list.slice(0, 12) as one (one.id)}
                <li>
                  <span>
                    {#if part.key === 'families'}{one.title}{:else}<a href={search(part.key, one.id)}
                        >{one.title}</a
                      >{/if}
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
