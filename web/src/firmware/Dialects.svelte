<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import DropFile from '../shared/DropFile.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { ABLE, FamilyState, type NameRow } from './dialects.svelte';

  /** The firmware families that listings are read through; the names of one are shown, changed and kept as one's own. */
  const families = new Loading<Schemas['FamilyView'][]>();
  const words = new Loading<Schemas['FamilyWords']>();
  const family = new FamilyState();
  let sought = $state('');

  function load(): Promise<void> {
    return families.load(() => ask(api.GET('/api/firmware-families')));
  }
  onMount(() => {
    void load();
    void words.load(() => ask(api.GET('/api/firmware-families/words')));
  });

  const said = $derived(
    new Map(
      [...(words.value?.settings ?? []), ...(words.value?.abilities ?? [])].map((one) => [one.id, one.label])
    )
  );
  let shown = $derived(
    family.rows
      .map((row, at) => ({ row, at }))
      .filter(({ row, at }) => at === family.wrongRow || matches(row, sought.trim().toLowerCase()))
  );

  function matches(row: NameRow, what: string): boolean {
    return what === '' || `${row[0]} ${row[1]} ${said.get(row[1]) ?? ''}`.toLowerCase().includes(what);
  }

  async function open(id: string, own: boolean): Promise<void> {
    await family.open(id, own);
    await tick();
    document.getElementById('family-id')?.focus();
  }

  async function taken(file: Blob, name: string): Promise<void> {
    if (await family.keep(file, name)) {
      await load();
    }
  }

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await family.keepShown()) {
      await load();
    }
  }

  async function add(name: string): Promise<void> {
    sought = '';
    family.add(name);
    await tick();
    document.getElementById(name === ABLE ? 'setting-0' : 'name-0')?.focus();
  }
</script>

<svelte:head><title>Firmware dialects – Able Medic</title></svelte:head>

<section class="page">
  <h1>Firmware dialects</h1>
  <p class="small">
    What each dialect calls the settings in which version, what its values mean, and what its versions can do.
    A settings export is read with the dialect that knows most of its names.
  </p>
  <Notice text={families.error || family.error} />
  <ul class="families">
    {#each families.value ?? [] as one (one.id)}
      <li>
        <strong>{one.label}</strong>
        <span class="small"
          >versions {one.versions.join(', ')} · {one.names} names · {one.own
            ? 'entered here'
            : 'ships, invented'}</span
        >
        <span class="out">
          <a href={`/api/firmware-families/${one.id}`} download={`${one.id}.csv`}>Take it out as CSV</a>
          <button class="plain" type="button" onclick={() => void open(one.id, one.own)}
            >{one.own ? 'Change it' : 'Begin one like it'}</button
          >
        </span>
      </li>
    {/each}
  </ul>
  <DropFile label="Drop a family's table here" onfile={(file) => void taken(file, file.name)} />
  {#if family.kept}<p aria-live="polite">{family.kept} is kept.</p>{/if}
  {#if family.opened}
    <form onsubmit={(event) => void keep(event)}>
      <div class="own">
        <div class="field">
          <label for="family-id">Its id, small letters</label>
          <input id="family-id" class="entry figure" bind:value={family.id} autocomplete="off" />
        </div>
        <div class="field">
          <label for="family-label">What people call it</label>
          <input id="family-label" class="entry" bind:value={family.label} autocomplete="off" />
        </div>
        <div class="field">
          <label for="family-assigns">A line to paste begins with</label>
          <input id="family-assigns" class="entry figure" bind:value={family.assigns} autocomplete="off" />
        </div>
        <div class="field">
          <label for="family-versions">Versions, the oldest first</label>
          <input id="family-versions" class="entry figure" bind:value={family.versions} autocomplete="off" />
        </div>
      </div>
      <div class="find">
        <div class="field">
          <label for="sought">Show only</label>
          <input
            id="sought"
            class="entry"
            bind:value={sought}
            placeholder="a name or a setting"
            autocomplete="off"
          />
        </div>
        <button class="quiet" type="button" onclick={() => void add('')}>Add a name</button>
        <button class="quiet" type="button" onclick={() => void add(ABLE)}>Add what it is able to do</button>
        <button class="act">Keep it</button>
      </div>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">name in a settings export</th><th scope="col">setting</th><th scope="col"
                >since</th
              ><th scope="col">until</th><th scope="col">times</th><th scope="col"
                >values, own=exported with | between</th
              ><th scope="col"><span class="sr">remove</span></th>
            </tr>
          </thead>
          <tbody>
            {#each shown as { row, at } (row)}
              <tr class:wrong={at === family.wrongRow}>
                <td>
                  {#if row[0] === ABLE}<span class="small">is able to</span>{:else}
                    <input
                      id={`name-${at}`}
                      class="figure"
                      bind:value={row[0]}
                      aria-label="name in a settings export"
                    />
                  {/if}
                </td>
                <td>
                  <select id={`setting-${at}`} bind:value={row[1]} aria-label="setting">
                    <option value="" disabled>choose…</option>
                    {#each (row[0] === ABLE ? words.value?.abilities : words.value?.settings) ?? [] as one (one.id)}
                      <option value={one.id}>{one.label}</option>
                    {/each}
                  </select>
                </td>
                <td>
                  <select bind:value={row[2]} aria-label="since version">
                    {#each family.names as one (one)}<option value={one}>{one}</option>{/each}
                  </select>
                </td>
                <td>
                  <select bind:value={row[3]} aria-label="until version">
                    <option value="">–</option>
                    {#each family.names as one (one)}<option value={one}>{one}</option>{/each}
                  </select>
                </td>
                {#if row[0] === ABLE}
                  <td colspan="2">
                    <label class="left-out"
                      ><input
                        type="checkbox"
                        checked={row[5] !== ''}
                        onchange={(event) => (row[5] = event.currentTarget.checked ? 'may-be-left-out' : '')}
                      /> a build may leave it out</label
                    >
                  </td>
                {:else}
                  <td><input class="figure times" bind:value={row[4]} aria-label="times" /></td>
                  <td><input class="figure" bind:value={row[5]} aria-label="values" /></td>
                {/if}
                <td
                  ><button
                    class="plain"
                    type="button"
                    aria-label={`Remove ${row[0] === ABLE ? (said.get(row[1]) ?? '') : row[0]}`}
                    onclick={() => family.remove(row)}>✕</button
                  ></td
                >
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    </form>
  {/if}
</section>

<style>
  .families {
    margin: 1rem 0;
    border-top: 1px solid var(--rule);
  }

  .families li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1rem;
    align-items: center;
    padding: 0.2rem 0;
    border-bottom: 1px solid var(--rule);
  }

  .out {
    display: flex;
    gap: 1.2rem;
    align-items: center;
    margin-left: auto;
  }

  form {
    display: grid;
    gap: 0.8rem;
    margin-top: 1.2rem;
  }

  .own {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
    gap: 0.8rem;
  }

  .find {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    align-items: end;
  }

  .scroll {
    overflow-x: auto;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    text-align: left;
    font-weight: 400;
    color: var(--soft);
  }

  th,
  td {
    padding: 0.15rem 0.5rem 0.15rem 0;
    border-bottom: 1px solid var(--rule);
  }

  td input:not([type='checkbox']),
  td select {
    width: 100%;
    min-width: 4rem;
    min-height: 44px;
    padding: 0.2rem 0.4rem;
    background: var(--card);
    border: 1px solid var(--rule);
    color: var(--ink);
  }

  td:nth-child(1) {
    min-width: 11rem;
  }

  td:nth-child(2) {
    min-width: 12rem;
  }

  td input.times {
    width: 5rem;
  }

  .left-out {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }

  .wrong td {
    background: var(--danger-tint);
  }

  .sr {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
</style>
