<script lang="ts">
  import BuildSummary from './BuildSummary.svelte';
  import ChartActions from './ChartActions.svelte';
  import ChartHistory from './ChartHistory.svelte';
  import { untrack } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import ArchiveCraft from './ArchiveCraft.svelte';
  import WiringAndPower from './WiringAndPower.svelte';
  import LogNote from './LogNote.svelte';
  import FileList from '../files/FileList.svelte';
  import { Files } from '../files/files.svelte';
  import LogList from './LogList.svelte';
  import NameAndBuilder from './NameAndBuilder.svelte';
  import { zone } from '../transfer/transfer.svelte';
  import Conflicts from './Conflicts.svelte';
  import DueList from './DueList.svelte';
  import ReasonSheet from '../shared/ReasonSheet.svelte';
  import SerialLines from './SerialLines.svelte';

  const chart = new Loading<Schemas['Chart']>();
  const FITNESS: Record<Schemas['Chart']['fitness'], string> = {
    UNKNOWN: 'not known: its record can’t be read',
    AT_WORK: 'a work-up is open',
    GROUNDED: 'grounded',
    DUE: 'something is due',
    FIT: 'ready to fly'
  };
  let error = $state('');
  let signing = $state(false);
  let craftId = $derived(String(route.params.craftId ?? ''));
  let files = $derived(new Files(craftId));

  $effect(() => {
    const current = craftId;
    untrack(() => {
      void load(current);
      void files.look();
    });
  });

  function load(current: string): Promise<void> {
    return chart.load(() =>
      ask(api.GET('/api/crafts/{craftId}', { params: { path: { craftId: current } } }))
    );
  }

  async function take(changed: () => Promise<Schemas['Chart']>): Promise<void> {
    error = '';
    try {
      chart.value = await changed();
    } catch (thrown) {
      error = words(thrown);
    }
  }

  function ground(): Promise<void> {
    const c = chart.value!;
    return take(() =>
      ask(
        api.PATCH('/api/crafts/{craftId}', {
          params: { path: { craftId: c.craftId } },
          body: { version: c.version, name: c.name, state: 'GROUNDED', reason: 'grounded from the chart' }
        })
      )
    );
  }

  function signOff(reason: string): Promise<void> {
    const c = chart.value!;
    signing = false;
    return take(() =>
      ask(
        api.POST('/api/crafts/{craftId}/sign-off', {
          params: { path: { craftId: c.craftId } },
          body: { version: c.version, reason }
        })
      )
    );
  }
</script>

<svelte:head><title>{craftId} – Able Medic</title></svelte:head>

<section class="page">
  <Notice text={chart.error || error} />
  {#if chart.value}
    {@const c = chart.value}
    <div class="top">
      <div>
        <h1>{c.craftId}</h1>
        <p>
          {c.name ? `${c.name} · ` : ''}{c.craftClass} · {c.builder
            ? `builder: ${c.builder} · `
            : ''}{FITNESS[c.fitness]}
        </p>
      </div>
      <ChartActions chart={c} onground={() => void ground()} onsign={() => (signing = true)} />
    </div>
    {#each c.grounds.filter((ground) => !ground.conflict) as ground, i (i)}
      <p class="caution">{ground.text}.</p>
    {/each}
    <Conflicts craftId={c.craftId} onsettled={() => void load(c.craftId)} />

    <BuildSummary chart={c} />

    {#key c.craftId}<NameAndBuilder chart={c} onchanged={(now) => (chart.value = now)} />{/key}
    <DueList craftId={c.craftId} due={c.due} />
    {#if c.unknowns.length > 0}
      <details>
        <summary>{c.unknowns.length} not known or not certain</summary>
        <ul>
          {#each c.unknowns as one, i (i)}<li>{one}</li>{/each}
        </ul>
      </details>
    {/if}
    <p class="links papers">
      <a href={`/api/crafts/${encodeURIComponent(c.craftId)}/bundle`} download>This chart, to pass on</a>
      <a href={`/api/crafts/${encodeURIComponent(c.craftId)}/label?${zone()}`} target="_blank">Ready tag</a>
      <a href={`/api/crafts/${encodeURIComponent(c.craftId)}/drawing`} download={`${c.craftId}.svg`}
        >Drawing</a
      >
    </p>
    <WiringAndPower chart={c} />
    <SerialLines chart={c} ontold={(now) => (chart.value = now)} />

    <FileList {files} />

    <div class="columns">
      <div>
        <h2>Log</h2>
        <LogNote craftId={c.craftId} onnoted={() => void load(c.craftId)} />
        <LogList chart={c} {files} onchanged={(now) => (chart.value = now)} />
      </div>
      <div>
        <ChartHistory chart={c} />
      </div>
    </div>
    <ArchiveCraft chart={c} onchanged={() => void load(c.craftId)} />
    <ReasonSheet
      open={signing}
      title={`Sign off ${c.craftId}`}
      text="You clear it to fly although something is open. Say why, so that the next reader of the log understands."
      action="Sign off craft"
      onclose={() => (signing = false)}
      ongive={(reason) => void signOff(reason)}
    />
  {/if}
</section>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 1rem;
  }

  h1 {
    letter-spacing: 0.04em;
  }

  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.4rem;
    margin-top: 0.6rem;
  }

  .links a {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
  }

  .columns {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2.2rem;
  }

  @media (max-width: 900px) {
    .columns {
      grid-template-columns: 1fr;
    }
  }
</style>
