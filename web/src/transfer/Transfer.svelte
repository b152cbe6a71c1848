<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import DropFile from '../shared/DropFile.svelte';
  import Notice from '../shared/Notice.svelte';
  import { moment } from '../shared/words';
  import { Transfer, zone } from './transfer.svelte';

  const work = new Transfer();
  onMount(() => void work.look());
  const schedules = [
    { id: 'NEVER', label: 'only when I ask for one' },
    { id: 'DAY', label: 'once a day' },
    { id: 'WEEK', label: 'once a week' }
  ] as const;
</script>

<svelte:head><title>Import and export – Able Medic</title></svelte:head>

<section class="page">
  <h1>Import and export</h1>
  <p class="small">
    A chart travels with its craft: export it here, import it at the other workshop, and back. Records that
    both have are not duplicated.
  </p>
  <Notice text={work.error} />
  <div class="columns">
    <div>
      <h2>Import</h2>
      <DropFile label="Drop a chart, or a ZIP of charts" tall onfile={(file) => void work.takeCharts(file)} />
      {#if work.busy && work.share > 0}<p class="small">{Math.round(work.share * 100)} % sent</p>{/if}
      {#if work.arrived}
        <ul aria-live="polite">
          {#each work.arrived.taken as one (one.craftId)}
            <li>
              <a href={`/crafts/${encodeURIComponent(one.craftId)}`}>{one.craftId}</a>
              {one.added === 0
                ? 'was known in full'
                : `${one.news ? 'is new here' : 'went on'}, ${one.added} records`}
            </li>
          {/each}
          {#each work.arrived.refused as one (one.name)}
            <li class="against">{one.name}: {one.why} <span class="small">{one.where}</span></li>
          {/each}
        </ul>
      {/if}
      <h3>Crafts from a table</h3>
      <DropFile label="Drop a CSV file, a craft in each line" onfile={(file) => void work.takeTable(file)} />
      <p class="small">
        Columns: craft_id, name, builder, class, spins, numbering, mode, layout, parts, cells, chemistry,
        capacity_mah, cell_milliohms. Only craft_id has to be there; parts are ids of the parts library,
        separated by semicolons.
      </p>
      {#if work.entered.length > 0}
        <p aria-live="polite">
          Entered:
          {#each work.entered as one (one.craftId)}<a href={`/crafts/${encodeURIComponent(one.craftId)}`}
              >{one.craftId}</a
            >
          {/each}
        </p>
      {/if}
    </div>
    <div>
      <h2>Export</h2>
      <ul class="out">
        <li>
          <a href="/api/bundles" download="able-medic-charts.zip">All charts</a> a ZIP of a document and the photos
          of each
        </li>
        <li><a href="/api/repair-log.csv" download="repair-log.csv">Repair log</a> as a table</li>
        <li>
          <a href="/api/batteries.csv" download="batteries.csv">Batteries</a> with every event, as a table
        </li>
        <li><a href={`/api/due.ics?${zone()}`} download="due.ics">What is due</a> for a calendar</li>
      </ul>
      <p class="small">
        One chart alone, its ready tag and its job sheets are on the chart and on each work-up.
      </p>
      <h2 class="later">Backups</h2>
      {#if work.backups}
        {@const now = work.backups}
        <p>
          {work.newest === '' ? 'None was made yet.' : `The newest is of ${moment(work.newest)}.`}
          <span class="small">In {now.folder}.</span>
        </p>
        <Notice text={now.trouble} />
        <div class="acts">
          <button class="act" disabled={work.busy} onclick={() => void work.backUp()}>Back up now</button>
        </div>
        <div class="schedule">
          <div class="field">
            <label for="every">Made</label>
            <select
              id="every"
              class="entry"
              value={now.every}
              onchange={(event) =>
                void work.keep(
                  schedules.find((one) => one.id === event.currentTarget.value)?.id ?? 'NEVER',
                  now.keep
                )}
            >
              {#each schedules as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
            </select>
          </div>
          <div class="field">
            <label for="keep">Kept</label>
            <NumberEntry
              id="keep"
              class="entry"
              min={1}
              max={50}
              value={now.keep}
              whole
              onnumber={(count) => count !== null && void work.keep(now.every, count)}
            />
          </div>
        </div>
        <ul>
          {#each now.all as one (one.name)}
            <li>
              <span class="figure">{one.name}</span>
              <span class="small told"
                >{moment(one.at)}, {Math.max(1, Math.round(one.bytes / 1024))} kB{one.own
                  ? ''
                  : one.number === 0
                    ? '; of an older version, kept until you delete it'
                    : '; of another data file, kept until you delete it'}</span
              >
              {#if one.trouble}<span class="against told">Can't be gone back to: {one.trouble}</span>{/if}
            </li>
          {/each}
        </ul>
        <p class="small">
          To go back to one, stop the program: <span class="figure">./medic restore FILE</span>
        </p>
      {/if}
    </div>
  </div>
</section>

<style>
  .columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(19rem, 1fr));
    gap: 2.5rem;
    margin-top: 1rem;
  }

  .columns > div {
    display: grid;
    gap: 0.7rem;
    align-content: start;
    min-width: 0;
  }

  h3,
  .later {
    margin-top: 1.2rem;
  }

  .out a {
    font-weight: 700;
    margin-right: 0.4rem;
  }

  .out li,
  li {
    border-bottom: 1px solid var(--rule);
    padding: 0.4rem 0;
    overflow-wrap: anywhere;
  }

  .against {
    color: var(--danger);
  }

  .told {
    display: block;
  }

  .schedule {
    display: grid;
    grid-template-columns: 1fr 6rem;
    gap: 0.8rem;
  }
</style>
