<script lang="ts">
  import { untrack } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import TopView from '../shared/TopView.svelte';
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
  import { day } from '../shared/words';

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
  let mark = $derived(String(route.params.mark ?? ''));
  let files = $derived(new Files(mark));

  $effect(() => {
    const current = mark;
    untrack(() => {
      void load(current);
      void files.look();
    });
  });

  function load(current: string): Promise<void> {
    return chart.load(() => ask(api.GET('/api/crafts/{mark}', { params: { path: { mark: current } } })));
  }

  let open = $derived(chart.value?.workUps.find((w) => w.open));

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
        api.PATCH('/api/crafts/{mark}', {
          params: { path: { mark: c.mark } },
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
        api.POST('/api/crafts/{mark}/sign-off', {
          params: { path: { mark: c.mark } },
          body: { version: c.version, reason }
        })
      )
    );
  }
</script>

<svelte:head><title>{mark} – Able Medic</title></svelte:head>

<section class="page">
  <Notice text={chart.error || error} />
  {#if chart.value}
    {@const c = chart.value}
    <div class="top">
      <div>
        <h1>{c.mark}</h1>
        <p>
          {c.name ? `${c.name} · ` : ''}{c.craftClass} · {c.builder
            ? `builder: ${c.builder} · `
            : ''}{FITNESS[c.fitness]}
        </p>
      </div>
      <div class="do">
        {#if open}
          <a class="act" href={`/work-ups/${open.id}`}>Go on with the work-up</a>
        {:else}
          <a class="act" href={`/work-ups/new?craft=${encodeURIComponent(c.mark)}`}>Start a work-up</a>
        {/if}
        <a class="quiet" href={`/crafts/${encodeURIComponent(c.mark)}/set-up`}>Set it up</a>
        <a class="quiet" href={`/new-craft?like=${encodeURIComponent(c.mark)}`}>Duplicate</a>
        {#if c.state === 'FIT'}
          <button class="quiet" onclick={() => void ground()}>Ground it</button>
        {/if}
        {#if c.fitness === 'GROUNDED' && c.conflicts.length === 0}
          <button class="quiet" onclick={() => (signing = true)}>Sign it off…</button>
        {/if}
      </div>
    </div>
    {#each c.grounds.filter((ground) => !ground.conflict) as ground, i (i)}
      <p class="caution">{ground.text}.</p>
    {/each}
    <Conflicts mark={c.mark} onsettled={() => void load(c.mark)} />

    <div class="sheet">
      <figure>
        <TopView drawing={c.drawing} label={`${c.mark} from above, nose up`} />
        <figcaption class="small">
          From above. <span class="figure">m2 o2</span>: the firmware's motor 2, wired to output 2. The arrow
          in the middle is the FC's own forward{c.drawing.faceDown
            ? '; dashed, since it sits face down'
            : ''}.
        </figcaption>
      </figure>
      <div>
        <h2>Build sheet <span class="small">revision {c.revision}</span></h2>
        <dl>
          {#each c.facts as fact, i (i)}
            <dt>{fact.what}</dt>
            <dd>{fact.value}</dd>
          {/each}
        </dl>
        <p class="links">
          <a href={`/crafts/${encodeURIComponent(c.mark)}/frame`}>Frame and motors…</a>
          <a href={`/crafts/${encodeURIComponent(c.mark)}/configuration`}>Configuration</a>
          <a href={`/crafts/${encodeURIComponent(c.mark)}/snapshots`}>Settings exports</a>
          <a href={`/crafts/${encodeURIComponent(c.mark)}/flash`}>Plan a flash</a>
          <a href={`/instruments/modes?craft=${encodeURIComponent(c.mark)}`}>Switches and modes</a>
          <a href={`/instruments/failsafe-timeline?craft=${encodeURIComponent(c.mark)}`}>Failsafe timeline</a>
          <a href={`/instruments/motor-map?craft=${encodeURIComponent(c.mark)}`}>Motor map</a>
          <a href={`/instruments/board-orientation?craft=${encodeURIComponent(c.mark)}`}>Board orientation</a>
          <a href={`/instruments/take-off-motion?craft=${encodeURIComponent(c.mark)}`}>Take-off motion</a>
        </p>
      </div>
    </div>

    {#key c.mark}<NameAndBuilder chart={c} onchanged={(now) => (chart.value = now)} />{/key}
    <DueList mark={c.mark} due={c.due} />
    {#if c.unknowns.length > 0}
      <details>
        <summary>{c.unknowns.length} not known or not certain</summary>
        <ul>
          {#each c.unknowns as one, i (i)}<li>{one}</li>{/each}
        </ul>
      </details>
    {/if}
    <p class="links papers">
      <a href={`/api/crafts/${encodeURIComponent(c.mark)}/bundle`} download>This chart, to pass on</a>
      <a href={`/api/crafts/${encodeURIComponent(c.mark)}/label?${zone()}`} target="_blank">Ready tag</a>
      <a href={`/api/crafts/${encodeURIComponent(c.mark)}/drawing`} download={`${c.mark}.svg`}>Drawing</a>
    </p>
    <WiringAndPower chart={c} />
    <SerialLines chart={c} ontold={(now) => (chart.value = now)} />

    <FileList {files} />

    <div class="columns">
      <div>
        <h2>Log</h2>
        <LogNote mark={c.mark} onnoted={() => void load(c.mark)} />
        <LogList chart={c} {files} onchanged={(now) => (chart.value = now)} />
      </div>
      <div>
        <h2>Work-ups</h2>
        <ul class="dated">
          {#each c.workUps as w (w.id)}
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
          {#each c.revisions as r (r.number)}
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
      </div>
    </div>
    <ArchiveCraft chart={c} onchanged={() => void load(c.mark)} />
    <ReasonSheet
      open={signing}
      title={`Sign off ${c.mark}`}
      text="You say that it may fly though this stands against it. Say why, so that whoever reads the log later understands it."
      action="Sign it off"
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

  .do {
    display: flex;
    gap: 0.8rem;
    align-items: start;
  }

  .sheet {
    display: grid;
    grid-template-columns: minmax(15rem, 22rem) 1fr;
    gap: 2.2rem;
    margin: 1rem 0 1.6rem;
    align-items: start;
  }

  dl {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    margin-top: 0.5rem;
  }

  dt,
  dd {
    padding: 0.3rem 0;
    border-bottom: 1px solid var(--rule);
  }

  dt {
    color: var(--soft);
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

  .change {
    display: block;
    color: var(--soft);
  }

  .later {
    margin-top: 1.6rem;
  }

  @media (max-width: 900px) {
    .columns,
    .sheet {
      grid-template-columns: 1fr;
    }

    figure {
      max-width: 22rem;
    }
  }
</style>
