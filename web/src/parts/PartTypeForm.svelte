<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate, route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import Board from './Board.svelte';
  import DrawFields from './DrawFields.svelte';
  import PadFields from './PadFields.svelte';
  import PictureSide from './PictureSide.svelte';
  import RegulatorFields from './RegulatorFields.svelte';
  import SerialSides from './SerialSides.svelte';
  import { PartTypeState } from './partType.svelte';

  const library = new Loading<Schemas['LibraryPart'][]>();
  // One page serves a part type and a new one like it, so both follow the address.
  let id = $derived(String(route.params.id ?? ''));
  let like = $derived(String(searchParams.get('like') ?? ''));
  let work = $state.raw(new PartTypeState(''));

  onMount(() => void library.load(() => ask(api.GET('/api/parts-library'))));

  $effect(() => {
    const from = library.value?.find((one) => one.partType.id === (id || like))?.partType;
    work = new PartTypeState(id, from && !id ? { ...from, id: '', label: '' } : from);
  });

  const kinds = [
    { id: 'PART', label: 'part' },
    { id: 'BOARD', label: 'flight controller' },
    { id: 'CONTROLLER', label: 'ESC' },
    { id: 'POWER_BOARD', label: 'power board' },
    { id: 'CAPACITOR', label: 'capacitor' },
    { id: 'PLUG', label: 'plug' }
  ];
  let known = $derived(
    id === '' || library.value === undefined || library.value.some((one) => one.partType.id === id && one.own)
  );
  let more = $derived(
    [
      [work.partType.traces?.length, 'trace'],
      [work.partType.leaks?.length, 'leak'],
      [work.partType.capacitors?.length, 'capacitor'],
      [work.partType.dividers?.length, 'divider'],
      [work.partType.drives?.length, 'motor drive'],
      [work.partType.currentSensors?.length, 'current sensor']
    ]
      .filter(([n]) => Number(n) > 0)
      .map(([n, what]) => `${n} ${what}${n === 1 ? '' : 's'}`)
      .join(', ')
  );

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await work.keep()) {
      navigate('/parts');
    }
  }
</script>

<svelte:head><title>{id || 'New part type'} – Able Medic</title></svelte:head>

<section class="page">
  <h1>{id ? work.partType.label : 'Add part type'}</h1>
  <p><a href="/parts">Parts library</a></p>
  <Notice text={library.error} />
  {#if !known}
    <p>
      There is no part type “{id}” of your own. Shipped part types stay as they are;
      <a href={`/parts/new?like=${id}`}>duplicate one</a>.
    </p>
  {:else}
    <form onsubmit={keep}>
      <div class="grid">
        <div class="field">
          <label for="label">What it is called</label>
          <input
            id="label"
            class="entry"
            bind:value={work.partType.label}
            maxlength="60"
            placeholder="Camera, 4.5 to 20 V"
          />
        </div>
        <div class="field">
          <label for="id">ID: small letters and dashes</label>
          <input id="id" class="entry" bind:value={work.partType.id} maxlength="40" disabled={id !== ''} />
        </div>
        <div class="field">
          <label for="short">Short name on a craft</label>
          <input
            id="short"
            class="entry"
            bind:value={work.partType.shortName}
            maxlength="8"
            placeholder="CAM"
          />
        </div>
        <div class="field">
          <label for="kind">Kind</label>
          <select id="kind" class="entry" bind:value={work.partType.kind}>
            {#each kinds as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
          </select>
        </div>
        <div class="field">
          <label for="lowest">Minimum, V</label>
          <NumberEntry unit="V" id="lowest" class="entry" bind:value={work.partType.lowestV} />
        </div>
        <div class="field">
          <label for="highest">Maximum, V</label>
          <NumberEntry unit="V" id="highest" class="entry" bind:value={work.partType.highestV} />
        </div>
      </div>

      <div class="two">
        <div>
          <h2>Pads</h2>
          <p class="small">
            Row by row, as on the part: neighbours in a row can be bridged. Press one to change it.
          </p>
          <Board rows={work.rows} at={work.at} label="Pads" onpick={(at) => (work.at = at)} />
          <p class="links">
            <button type="button" class="quiet" onclick={() => work.addPad(work.pad?.row ?? 0)}
              >Add pad in this row</button
            >
            <button type="button" class="quiet" onclick={() => work.addRow()}>Add row</button>
          </p>
        </div>
        {#if work.pad}<PadFields {work} />{/if}
      </div>

      <SerialSides {work} />
      <PictureSide {work} />

      <DrawFields {work} />
      <RegulatorFields {work} />
      {#if more}<p class="small">Also inside, from the part type it was copied from: {more}.</p>{/if}

      <Notice text={work.error} />
      {#each work.wrong as one (one.where)}<p class="small wrong">
          <span class="figure">{one.where}</span>
          {one.right}
        </p>{/each}
      <p><button class="act" disabled={work.busy}>Add to the parts library</button></p>
    </form>
  {/if}
</section>

<style>
  form {
    display: grid;
    gap: 0.9rem;
    margin-top: 0.8rem;
  }

  .grid {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.8rem 1.2rem;
    align-items: end;
  }

  .two {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(15rem, 1fr);
    gap: 2rem;
    align-items: start;
  }

  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    margin-top: 0.6rem;
  }

  .wrong {
    border-left: 4px solid var(--danger);
    padding-left: 0.6rem;
  }

  @media (max-width: 700px) {
    .grid,
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
