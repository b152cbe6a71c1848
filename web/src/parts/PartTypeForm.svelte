<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate, route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import Board from './Board.svelte';
  import PictureSide from './PictureSide.svelte';
  import SerialSides from './SerialSides.svelte';
  import { PartTypeState } from './partType.svelte';

  const library = new Loading<Schemas['LibraryPart'][]>();
  // One page serves a partType and a new one like it, so both follow the address.
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
  const pads = [
    { id: 'SUPPLY', label: 'takes a supply' },
    { id: 'FEED', label: 'gives a supply' },
    { id: 'GROUND', label: 'ground' },
    { id: 'OUTPUT', label: 'gives a motor signal' },
    { id: 'SIGNAL', label: 'takes a motor signal' },
    { id: 'SENSE', label: "measures the battery's voltage" },
    { id: 'CURRENT', label: 'reading of a current sensor' },
    { id: 'SERIAL', label: 'sends or hears on a serial line' },
    { id: 'VIDEO', label: 'has video in or out' }
  ];
  let known = $derived(
    id === '' || library.value === undefined || library.value.some((one) => one.partType.id === id && one.own)
  );
  let load = $derived(work.partType.loads?.[0]);
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
          <label for="id">Id, small letters and dashes</label>
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
          <label for="kind">It is a</label>
          <select id="kind" class="entry" bind:value={work.partType.kind}>
            {#each kinds as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
          </select>
        </div>
        <div class="field">
          <label for="lowest">It works from, V</label>
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
              >Another in this row</button
            >
            <button type="button" class="quiet" onclick={() => work.addRow()}>Another row</button>
          </p>
        </div>
        {#if work.pad}
          <fieldset>
            <legend>Pad {work.pad.name}</legend>
            <div class="field">
              <label for="pad-name">As printed</label>
              <input
                id="pad-name"
                class="entry"
                value={work.pad.name}
                maxlength="8"
                oninput={(event) => work.rename(event.currentTarget.value)}
              />
            </div>
            <div class="field">
              <label for="pad-kind">It</label>
              <select id="pad-kind" class="entry" bind:value={work.partType.pads![work.at]!.kind}>
                {#each pads as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
              </select>
            </div>
            <div class="field">
              <label for="pad-volts">Volts, 0 for those of the battery</label>
              <NumberEntry
                unit="V"
                id="pad-volts"
                class="entry"
                min={0}
                bind:value={work.partType.pads![work.at]!.volts}
              />
            </div>
            <div class="field">
              <label for="pad-room">Wires that fit on it</label>
              <NumberEntry
                whole
                id="pad-room"
                class="entry"
                min={0}
                max={3}
                bind:value={work.partType.pads![work.at]!.room}
              />
            </div>
            <label class="tick"
              ><input type="checkbox" bind:checked={work.partType.pads![work.at]!.usb} /> live from the computer
              alone</label
            >
            <button type="button" class="plain" onclick={() => work.removePad()}>take this pad off</button>
          </fieldset>
        {/if}
      </div>

      <SerialSides {work} />
      <PictureSide {work} />

      <h2>What it draws</h2>
      {#if load}
        <div class="grid">
          <div class="field">
            <label for="load-v">At, V</label>
            <NumberEntry unit="V" id="load-v" class="entry" bind:value={load.volts} />
          </div>
          <div class="field">
            <label for="load-a">A good one, A</label>
            <NumberEntry unit="A" id="load-a" class="entry" bind:value={load.amps} />
          </div>
          <div class="field">
            <label for="load-poor">A poor one, A</label>
            <NumberEntry unit="A" id="load-poor" class="entry" bind:value={load.poorAmps} />
          </div>
        </div>
        <p>
          <button type="button" class="plain" onclick={() => (work.partType.loads = [])}
            >it draws nothing of note</button
          >
        </p>
      {:else}
        <p>
          Nothing of note.
          <button
            type="button"
            class="plain"
            onclick={() =>
              (work.partType.loads = [
                { plus: work.names[0] ?? '', minus: work.names[1] ?? '', volts: 5, amps: 0.1, poorAmps: 0.1 }
              ])}>enter a draw</button
          >
        </p>
      {/if}

      <h2>Regulators on it</h2>
      {#each work.partType.regulators ?? [] as regulator, i (i)}
        <div class="regulator">
          {#each [{ key: 'in', label: 'from' }, { key: 'out', label: 'to' }, { key: 'minus', label: 'ground' }] as const as end (end.key)}
            <div class="field">
              <label for={`reg-${i}-${end.key}`}>{end.label}</label>
              <select id={`reg-${i}-${end.key}`} class="entry" bind:value={regulator[end.key]}>
                {#each work.names as name (name)}<option value={name}>{name}</option>{/each}
              </select>
            </div>
          {/each}
          <div class="field">
            <label for={`reg-${i}-v`}>gives, V</label>
            <NumberEntry unit="V" id={`reg-${i}-v`} class="entry" bind:value={regulator.volts} />
          </div>
          <div class="field">
            <label for={`reg-${i}-a`}>limit, A</label>
            <NumberEntry unit="A" id={`reg-${i}-a`} class="entry" bind:value={regulator.limitA} />
          </div>
          <label class="tick"><input type="checkbox" bind:checked={regulator.linear} /> linear</label>
          <button
            type="button"
            class="plain"
            aria-label={`remove regulator ${i + 1}`}
            onclick={() => work.partType.regulators!.splice(i, 1)}>remove</button
          >
        </div>
      {/each}
      <p><button type="button" class="quiet" onclick={() => work.addRegulator()}>A regulator</button></p>
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

  fieldset {
    display: grid;
    gap: 0.6rem;
  }

  legend {
    font-weight: 700;
  }

  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    margin-top: 0.6rem;
  }

  .regulator {
    display: grid;
    grid-template-columns: repeat(5, minmax(5rem, 1fr)) auto auto;
    gap: 0.8rem;
    align-items: end;
  }

  .tick {
    display: inline-flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 44px;
  }

  .wrong {
    border-left: 4px solid var(--danger);
    padding-left: 0.6rem;
  }

  @media (max-width: 700px) {
    .grid,
    .two,
    .regulator {
      grid-template-columns: 1fr;
    }
  }
</style>
