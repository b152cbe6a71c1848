<script lang="ts">
  import { untrack } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate, route } from '../navigation';
  import DropOrPaste from '../shared/DropOrPaste.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { moment } from '../shared/words';
  import WhatIf from '../chart/WhatIf.svelte';
  import RestoreCommands from './RestoreCommands.svelte';
  import { SnapshotsState } from './snapshots.svelte';
  import WhatChanged from '../chart/WhatChanged.svelte';
  import { WorkUpState } from '../workup/state.svelte';

  /** The settings of a craft as listed: what does not go with it, what changed and what that causes, what must be put back. */
  let mark = $derived(String(route.params.mark ?? ''));
  let snapshots = $derived(new SnapshotsState(mark));
  const chart = new Loading<Schemas['Chart']>();
  let open = $derived(chart.value?.workUps.find((one) => one.open));

  $effect(() => {
    const current = snapshots;
    const n = Number(searchParams.get('n') ?? 0);
    const since = Number(searchParams.get('since') ?? 0);
    untrack(() => {
      void current.load(n, since);
      void chart.load(() => ask(api.GET('/api/crafts/{mark}', { params: { path: { mark: current.mark } } })));
    });
  });

  const GRADES: Record<Schemas['LintView']['severity'], string> = {
    HAZARD: 'hazard',
    CANNOT_WORK: 'can’t work',
    DOUBTFUL: 'not certain'
  };

  async function keep(text: Blob, name: string): Promise<boolean> {
    await snapshots.drop(text, name);
    return snapshots.error === '';
  }

  async function take(checkId: string): Promise<void> {
    const work = new WorkUpState(open!.id);
    await work.load();
    await work.take(checkId, 'listed');
    if (work.error) {
      snapshots.error = work.error;
    } else {
      await navigate('/work-ups/:id', { params: { id: String(work.id) } });
    }
  }
</script>

<svelte:head><title>Settings of {mark} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Settings exports</h1>
  <p>
    <a href={`/crafts/${encodeURIComponent(mark)}`}>{mark}</a>
    <span class="small">Everything the FC exports, kept unchanged.</span>
    <a href="/firmware-dialects">Firmware families</a>
  </p>
  <Notice text={snapshots.error} />
  <div class="two">
    <div class="left">
      <div class="field">
        <label for="why">Why it is taken</label>
        <input
          id="why"
          class="entry"
          bind:value={snapshots.why}
          maxlength="200"
          placeholder="as found, or before the flash"
          autocomplete="off"
        />
      </div>
      <DropOrPaste label="Drop the FC's settings export here" button="Keep it" ontext={keep} />
      <ol class="list" aria-label="Snapshots, the newest first">
        {#each snapshots.rows as row (row.number)}
          <li>
            <button
              type="button"
              aria-current={row.number === snapshots.view?.row.number ? 'true' : undefined}
              onclick={() => void snapshots.show(row.number)}
            >
              <span class="small figure">{row.number} · {moment(row.takenAt)}</span>
              <span>{row.why}</span>
              <span class="small"
                >{row.family}
                {row.version}, {row.settings} settings{row.odd > 0 ? `, ${row.odd} not understood` : ''}</span
              >
            </button>
          </li>
        {:else}
          {#if snapshots.loaded}<li class="small">
              None yet. The first is best taken while it flies well.
            </li>{/if}
        {/each}
      </ol>
    </div>

    {#if snapshots.view}
      {@const view = snapshots.view}
      <div class="right">
        <h2>{view.row.number}. {view.row.why}</h2>
        <p class="small">
          {view.row.family}
          {view.row.version}{view.row.target ? `, ${view.row.target}` : ''}. {view.form}, {view.encoding}.
          <a
            href={`/api/crafts/${encodeURIComponent(mark)}/snapshots/${view.row.number}/file`}
            download={view.row.name || 'settings.txt'}>The file as it came</a
          >
        </p>
        {#if open}
          <p class="finding">
            <button class="act" type="button" onclick={() => void take(view.row.checkId)}
              >Use as evidence</button
            >
            <span class="small"
              >in <a href={`/work-ups/${open.id}`}>{open.complaint}</a>, if this is its configuration now: it
              settles every suspect that is a setting in it.</span
            >
          </p>
        {/if}

        <h3>Does not go with this craft</h3>
        <ul class="lint">
          {#each view.lint as one, i (i)}
            <li class={one.severity.toLowerCase()}>
              <strong>{GRADES[one.severity]}</strong>
              <span>
                {one.cause}. <em>{one.remedy}.</em>
                <span class="small where">
                  {#each one.settings as setting (setting.id)}
                    <a href={`/crafts/${encodeURIComponent(mark)}/configuration?setting=${setting.id}`}
                      >{setting.label} on the sheet</a
                    >
                  {/each}
                  {#each one.pads as pad (pad.address)}
                    <a
                      href={`/crafts/${encodeURIComponent(mark)}/wiring?pad=${encodeURIComponent(pad.address)}`}
                      >leads at {pad.label}</a
                    >
                  {/each}
                  {#if one.settles}It would settle: {one.settles}.{/if}
                </span>
              </span>
            </li>
          {:else}
            <li class="sound">Everything agrees with the wires, battery, arrow and motors on the sheet.</li>
          {/each}
        </ul>

        {#if snapshots.changes}
          <WhatChanged {snapshots} changes={snapshots.changes} />
          {#if snapshots.changes.putBack.length > 0}
            <RestoreCommands {snapshots} changes={snapshots.changes} />
          {/if}
        {/if}

        <WhatIf {snapshots} />

        {#if view.notUnderstood.length > 0}
          <details>
            <summary>Not understood, and kept in the file ({view.row.odd})</summary>
            <ol class="odd">
              {#each view.notUnderstood as one, i (i)}
                <li>
                  <span class="small figure">line {one.line}</span> <span class="figure">{one.text}</span>
                  <span class="small">{one.why}</span>
                </li>
              {/each}
            </ol>
          </details>
        {/if}
      </div>
    {/if}
  </div>
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(15rem, 19rem) 1fr;
    gap: 2rem;
    margin-top: 1rem;
    align-items: start;
  }

  .left {
    display: grid;
    gap: 0.7rem;
  }

  .list {
    margin-top: 0.5rem;
    border-top: 1px solid var(--rule);
  }

  .list button {
    display: grid;
    width: 100%;
    padding: 0.5rem 0.7rem;
    text-align: left;
    background: none;
    border: none;
    border-left: 4px solid transparent;
    border-bottom: 1px solid var(--rule);
  }

  .list [aria-current] {
    border-left-color: var(--act);
    background: var(--card);
  }

  .right {
    min-width: 0;
  }

  h3 {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    margin: 1.4rem 0 0.4rem;
    font-size: 1.1rem;
    font-weight: 700;
  }

  .finding {
    margin: 0.8rem 0;
  }

  .where {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1rem;
  }

  .lint li {
    display: grid;
    grid-template-columns: 7rem 1fr;
    gap: 0.6rem;
    padding: 0.4rem 0.6rem;
    border-left: 4px solid var(--rule);
    border-bottom: 1px solid var(--rule);
  }

  .lint li.sound {
    display: block;
  }

  .lint .hazard,
  .lint .cannot_work {
    border-left-color: var(--danger);
  }

  .lint .doubtful {
    border-left-color: var(--doubt-fill);
  }

  .lint .sound {
    border-left-color: var(--act);
  }

  details {
    margin-top: 1.4rem;
  }

  .odd li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.7rem;
    padding: 0.3rem 0;
    border-bottom: 1px solid var(--rule);
  }

  @media (max-width: 900px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
