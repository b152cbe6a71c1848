<script lang="ts">
  import { untrack } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate, route } from '../router';
  import DropFile from '../shared/DropFile.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { moment } from '../shared/words';
  import InThought from './InThought.svelte';
  import { explains, SnapshotsState } from './snapshots.svelte';

  /** The settings of a craft as listed: what does not go with it, what changed and what that causes, what must be put back. */
  let mark = $derived(String(route.params.mark ?? ''));
  let snapshots = $derived(new SnapshotsState(mark));
  const chart = new Loading<Schemas['Chart']>();
  let pasted = $state('');
  let copied = $state(false);
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
    HARMS: 'harms',
    WRONG: 'cannot work',
    DOUBTFUL: 'doubtful'
  };

  async function paste(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    await snapshots.drop(new Blob([pasted]), 'pasted.txt');
    if (!snapshots.error) {
      pasted = '';
    }
  }

  async function take(checkId: string): Promise<void> {
    const view = await ask(api.GET('/api/work-ups/{id}', { params: { path: { id: open!.id } } }));
    try {
      await ask(
        api.POST('/api/work-ups/{id}/findings', {
          params: { path: { id: open!.id } },
          body: { version: view.version, checkId, outcomes: { seen: 'listed' }, sureness: 'SURE' }
        })
      );
      await navigate('/work-ups/:id', { params: { id: String(open!.id) } });
    } catch (thrown) {
      snapshots.error = thrown instanceof Error ? thrown.message : String(thrown);
    }
  }

  async function copy(text: string): Promise<void> {
    await navigator.clipboard.writeText(text);
    copied = true;
  }
</script>

<svelte:head><title>Settings of {mark} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Settings as listed</h1>
  <p>
    <a href={`/crafts/${encodeURIComponent(mark)}`}>{mark}</a>
    <span class="small">Everything its board lists, kept as it came.</span>
    <a href="/firmware-families">Firmware families</a>
  </p>
  <Notice text={snapshots.error} />
  <div class="two">
    <div class="left">
      <form onsubmit={paste}>
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
        <DropFile
          label="Drop the board's listing here"
          onfile={(file) => void snapshots.drop(file, file.name)}
        />
        <div class="field">
          <label for="pasted">or paste it</label>
          <textarea
            id="pasted"
            class="entry figure"
            rows="3"
            bind:value={pasted}
            spellcheck="false"
            placeholder="name = value"
          ></textarea>
        </div>
        <button class="quiet" disabled={pasted.trim() === ''}>Keep it</button>
      </form>
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
              >Take it for a finding</button
            >
            <span class="small"
              >in <a href={`/work-ups/${open.id}`}>{open.complaint}</a>, if the craft is told just this now:
              it settles every suspect that is a setting in it.</span
            >
          </p>
        {/if}

        <h3>Does not go with this craft</h3>
        <ul class="lint">
          {#each view.lint as one, i (i)}
            <li class={one.severity.toLowerCase()}>
              <strong>{GRADES[one.severity]}</strong>
              <span>{one.cause}. <em>{one.remedy}.</em></span>
            </li>
          {:else}
            <li class="sound">All of it goes with leads, pack, arrow and motors on the sheet.</li>
          {/each}
        </ul>

        {#if snapshots.changes}
          {@const changes = snapshots.changes}
          <h3>
            <label for="since">Changed since</label>
            <select
              id="since"
              class="entry"
              value={changes.since}
              onchange={(event) => void snapshots.show(view.row.number, Number(event.currentTarget.value))}
            >
              {#each snapshots.rows.filter((row) => row.number !== view.row.number) as row (row.number)}
                <option value={row.number}>{row.number}. {row.why}</option>
              {/each}
            </select>
          </h3>
          {#if changes.complaint}<p class="small">
              Weighed against what was found of “{changes.complaint}”.
            </p>{/if}
          {#each snapshots.groups as group (group.group)}
            <table>
              <caption>{group.group}</caption>
              <tbody>
                {#each group.changes as change (change.settingId)}
                  <tr>
                    <th scope="row">{change.label}</th>
                    <td class="figure">{change.before} → <strong>{change.after}</strong></td>
                    <td>
                      {#if change.causes.length > 0}can cause: {change.causes.join('; ')}{/if}
                      {#if change.ends.length > 0}ends: {change.ends.join('; ')}{/if}
                      {#if change.causes.length + change.ends.length === 0}nothing that an owner would see{/if}
                      {#if explains(change.weight)}<span class="weight">{explains(change.weight)}</span>{/if}
                    </td>
                  </tr>
                {/each}
              </tbody>
            </table>
          {:else}
            <p class="small">Nothing.</p>
          {/each}

          {#if changes.putBack.length > 0}
            <h3>To put back</h3>
            <ul class="back">
              {#each changes.putBack as one (one.settingId)}
                <li>
                  <label>
                    <input
                      type="checkbox"
                      checked={snapshots.ticked.includes(one.settingId)}
                      onchange={() => snapshots.tick(one.settingId)}
                    />
                    {one.label}: <span class="figure">{one.now} → {one.before}</span>
                    {#if !one.line}<span class="small">this version has no name for it: by hand</span>{/if}
                  </label>
                </li>
              {/each}
            </ul>
            <pre class="figure">{changes.text}</pre>
            <p>
              <button class="quiet" type="button" onclick={() => void copy(changes.text)}
                >{copied ? 'Copied' : 'Copy the text'}</button
              >
              <span class="small">Paste it, save, let the board restart, list again and drop it here.</span>
            </p>
          {/if}
        {/if}

        <InThought {snapshots} />

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

  form {
    display: grid;
    gap: 0.7rem;
    justify-items: start;
  }

  form > :global(*) {
    width: 100%;
  }

  form button {
    width: auto;
  }

  .list {
    margin-top: 1rem;
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

  h3 select {
    width: auto;
    max-width: 100%;
    font-weight: 400;
  }

  .finding {
    margin: 0.8rem 0;
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

  .lint .harms,
  .lint .wrong {
    border-left-color: var(--danger);
  }

  .lint .doubtful {
    border-left-color: var(--doubt-fill);
  }

  .lint .sound {
    border-left-color: var(--act);
  }

  table {
    width: 100%;
    margin-bottom: 0.8rem;
    border-collapse: collapse;
  }

  caption {
    text-align: left;
    color: var(--soft);
  }

  th,
  td {
    padding: 0.35rem 0.7rem 0.35rem 0;
    border-bottom: 1px solid var(--rule);
    text-align: left;
    vertical-align: top;
    font-weight: 400;
  }

  th {
    width: 26%;
  }

  td:nth-child(2) {
    width: 34%;
  }

  .weight {
    display: block;
    font-weight: 700;
  }

  .back label {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }

  pre {
    padding: 0.7rem 0.9rem;
    background: var(--card);
    border: 1px solid var(--rule);
    overflow-x: auto;
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
