<script lang="ts">
  import DialectHead from './DialectHead.svelte';
  import DialectNames from './DialectNames.svelte';
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
          <a href={`/api/firmware-families/${one.id}`} download={`${one.id}.csv`}>Export as CSV</a>
          <button class="plain" type="button" onclick={() => void open(one.id, one.own)}
            >{one.own ? 'Edit' : 'Duplicate'}</button
          >
        </span>
      </li>
    {/each}
  </ul>
  <DropFile label="Drop a dialect’s CSV file here" onfile={(file) => void taken(file, file.name)} />
  {#if family.kept}<p aria-live="polite">{family.kept} is saved.</p>{/if}
  {#if family.opened}
    <form onsubmit={(event) => void keep(event)}>
      <DialectHead dialect={family} />
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
        <button class="quiet" type="button" onclick={() => void add('')}>Add name</button>
        <button class="quiet" type="button" onclick={() => void add(ABLE)}>Add ability</button>
        <button class="act">Save dialect</button>
      </div>
      <DialectNames dialect={family} {shown} words={words.value} {said} />
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

  .find {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    align-items: end;
  }
</style>
