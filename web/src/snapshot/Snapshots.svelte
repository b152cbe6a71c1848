<script lang="ts">
  import SnapshotConflicts from './SnapshotConflicts.svelte';
  import SnapshotList from './SnapshotList.svelte';
  import { untrack } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate, route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import WhatIf from '../chart/WhatIf.svelte';
  import RestoreCommands from './RestoreCommands.svelte';
  import { SnapshotsState } from './snapshots.svelte';
  import WhatChanged from '../chart/WhatChanged.svelte';
  import { WorkUpState } from '../workup/state.svelte';

  /** The settings of a craft as listed: what does not go with it, what changed and what that causes, what must be put back. */
  let craftId = $derived(String(route.params.craftId ?? ''));
  let snapshots = $derived(new SnapshotsState(craftId));
  const chart = new Loading<Schemas['Chart']>();
  let open = $derived(chart.value?.workUps.find((one) => one.open));

  $effect(() => {
    const current = snapshots;
    const n = Number(searchParams.get('n') ?? 0);
    const since = Number(searchParams.get('since') ?? 0);
    untrack(() => {
      void current.load(n, since);
      void chart.load(() =>
        ask(api.GET('/api/crafts/{craftId}', { params: { path: { craftId: current.craftId } } }))
      );
    });
  });

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

<svelte:head><title>Settings of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Settings exports</h1>
  <p>
    <a href={`/crafts/${encodeURIComponent(craftId)}`}>{craftId}</a>
    <span class="small">Everything the FC exports, kept unchanged.</span>
    <a href="/firmware-dialects">Firmware dialects</a>
  </p>
  <Notice text={snapshots.error} />
  <div class="two">
    <SnapshotList {snapshots} />

    {#if snapshots.view}
      {@const view = snapshots.view}
      <div class="right">
        <h2>{view.row.number}. {view.row.why}</h2>
        <p class="small">
          {view.row.family}
          {view.row.version}{view.row.target ? `, ${view.row.target}` : ''}. {view.form}, {view.encoding}.
          <a
            href={`/api/crafts/${encodeURIComponent(craftId)}/snapshots/${view.row.number}/file`}
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

        <SnapshotConflicts {view} {craftId} />

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

  .right {
    min-width: 0;
  }

  .finding {
    margin: 0.8rem 0;
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
