<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import DropFile from '../shared/DropFile.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { FamilyState } from './families.svelte';

  /** The firmware families that listings are read through; a table of names is shown, changed and kept as one's own. */
  const families = new Loading<Schemas['FamilyView'][]>();
  const family = new FamilyState();

  function load(): Promise<void> {
    return families.load(() => ask(api.GET('/api/firmware-families')));
  }
  onMount(() => void load());

  async function taken(file: Blob, name: string): Promise<void> {
    if (await family.keep(file, name)) {
      await load();
    }
  }

  function keep(event: SubmitEvent): void {
    event.preventDefault();
    void taken(new Blob([family.table]), 'family.csv');
  }
</script>

<svelte:head><title>Firmware families – Able Medic</title></svelte:head>

<section class="page">
  <h1>Firmware families</h1>
  <p class="small">
    What each family calls the settings, in which version, and what its values mean. A listing is read through
    the family that knows most of its names.
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
        <span class="do">
          <a href={`/api/firmware-families/${one.id}`} download={`${one.id}.csv`}>Take it out as CSV</a>
          <button class="plain" type="button" onclick={() => void family.open(one.id)}
            >{one.own ? 'Change it' : 'Begin one like it'}</button
          >
        </span>
      </li>
    {/each}
  </ul>
  <DropFile label="Drop a family's table here" onfile={(file) => void taken(file, file.name)} />
  {#if family.kept}<p aria-live="polite">{family.kept} is kept.</p>{/if}
  {#if family.table}
    <form onsubmit={keep}>
      <div class="field">
        <label for="table">Its table</label>
        <span class="small"
          >First row: family, id, label, what a line to paste begins with, versions. Then a name a row:
          setting, first and last version, how many of its units make one of the setting's, values as
          own=listed with | between.</span
        >
        <textarea id="table" class="entry figure" rows="22" bind:value={family.table} spellcheck="false"
        ></textarea>
      </div>
      <button class="act">Keep it</button>
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

  .do {
    display: flex;
    gap: 1.2rem;
    align-items: center;
    margin-left: auto;
  }

  form {
    display: grid;
    gap: 0.8rem;
    justify-items: start;
    margin-top: 1.2rem;
  }

  .field,
  textarea {
    width: 100%;
  }

  textarea {
    white-space: pre;
    overflow-x: auto;
  }
</style>
