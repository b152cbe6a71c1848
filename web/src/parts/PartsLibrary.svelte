<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import Board from './Board.svelte';
  import { PartTypeState } from './partType.svelte';

  type Entry = Schemas['LibraryPart'];

  const library = new Loading<Entry[]>();
  let error = $state('');
  let said = $state('');
  let text = $state('');

  onMount(() => void library.load(() => ask(api.GET('/api/parts-library'))));

  const kinds: { id: string; title: string }[] = [
    { id: 'BOARD', title: 'Flight controllers' },
    { id: 'CONTROLLER', title: 'ESCs' },
    { id: 'POWER_BOARD', title: 'Power boards' },
    { id: 'PART', title: 'Parts and regulators' },
    { id: 'CAPACITOR', title: 'Capacitors' },
    { id: 'PLUG', title: 'Plugs' }
  ];
  let shown = $derived(
    (library.value ?? []).filter((one) => one.partType.label.toLowerCase().includes(text.toLowerCase()))
  );

  function facts(partType: Entry['partType']): string {
    const gives = (partType.regulators ?? []).map((one) => `gives ${one.volts} V, ${one.limitA} A`);
    const draws = (partType.loads ?? []).map((one) => `draws ${one.amps} A`);
    return [`takes ${partType.lowestV} to ${partType.highestV} V`, ...gives, ...draws].join('; ');
  }

  async function remove(id: string): Promise<void> {
    error = '';
    try {
      library.value = await ask(api.DELETE('/api/parts-library/{id}', { params: { path: { id } } }));
    } catch (thrown) {
      error = words(thrown);
    }
  }

  async function takeIn(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
    const field = event.currentTarget;
    const file = field.files?.[0];
    error = '';
    said = '';
    if (!file) {
      return;
    }
    try {
      const body = JSON.parse(await file.text()) as Schemas['Arriving'];
      const came = await ask(api.POST('/api/parts-library/own', { body }));
      said = `${came.added} imported, ${came.changed} changed, ${came.same} unchanged.`;
      await library.load(() => ask(api.GET('/api/parts-library')));
    } catch (thrown) {
      error = thrown instanceof SyntaxError ? `${file.name} is no JSON: ${thrown.message}` : words(thrown);
    } finally {
      field.value = '';
    }
  }
</script>

<svelte:head><title>Parts library – Able Medic</title></svelte:head>

<section class="page">
  <div class="top">
    <div>
      <h1>Parts library</h1>
      <p class="small">
        The part types that craft are built from. The shipped ones are invented; add your own.
      </p>
    </div>
    <div class="do">
      <a class="act" href="/parts/new">Add part type</a>
      <a class="quiet" href="/api/parts-library/own" download="part-types.json">Your own as a file</a>
      <label class="quiet file">
        Import part types
        <input type="file" accept="application/json,.json" class="sr-only" onchange={takeIn} />
      </label>
    </div>
  </div>
  <Notice text={library.error || error} />
  {#if said}<p role="status">{said}</p>{/if}
  <div class="field find">
    <label for="partType">Part of its name</label>
    <input id="partType" class="entry" bind:value={text} autocomplete="off" />
  </div>
  {#each kinds as kind (kind.id)}
    {@const these = shown.filter((one) => one.partType.kind === kind.id)}
    {#if these.length > 0}
      <h2>{kind.title}</h2>
      <ul>
        {#each these as one (one.partType.id)}
          <li>
            <Board rows={new PartTypeState('', one.partType).rows} label={`Pads of ${one.partType.label}`} />
            <div>
              <h3>
                {one.partType.label}{#if one.own}<span class="own small">your own</span>{/if}
              </h3>
              <p class="small">{facts(one.partType)}</p>
              <p class="links">
                {#if one.own}
                  <a href={`/parts/${one.partType.id}`}>change</a>
                  <button
                    class="plain"
                    aria-label={`remove ${one.partType.label} from the parts library`}
                    onclick={() => void remove(one.partType.id)}>remove from the parts library</button
                  >
                {/if}
                <a href={`/parts/new?like=${one.partType.id}`}>Duplicate</a>
              </p>
            </div>
          </li>
        {/each}
      </ul>
    {/if}
  {/each}
</section>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 1rem;
    align-items: start;
  }

  .do,
  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1rem;
    align-items: center;
  }

  .file {
    cursor: pointer;
  }

  .file:focus-within {
    outline: 3px solid var(--focus, currentcolor);
  }

  .find {
    max-width: 22rem;
    margin: 0.8rem 0;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(25rem, 1fr));
    gap: 0 2rem;
  }

  li {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 1rem;
    padding: 0.8rem 0;
    border-bottom: 1px solid var(--rule);
    align-items: start;
  }

  h2 {
    margin-top: 1.2rem;
  }

  .own {
    margin-left: 0.6rem;
    border-left: 3px solid var(--act);
    padding-left: 0.4rem;
    font-weight: 400;
  }

  @media (max-width: 700px) {
    ul {
      grid-template-columns: 1fr;
    }

    li {
      grid-template-columns: 1fr;
    }
  }
</style>
