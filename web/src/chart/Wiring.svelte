<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount, untrack } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate, route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import WireRow from './WireRow.svelte';
  import WiresByPointing from './WiresByPointing.svelte';
  import { WiringState } from './wiring.svelte';

  const library = new Loading<Schemas['LibraryPart'][]>();
  const choices = new Loading<Schemas['Choosable']>();
  let mark = $derived(String(route.params.mark ?? ''));
  let work = $derived(new WiringState(mark));
  let layout = $state<'SEPARATE' | 'STACK'>('STACK');
  let first = $state<Schemas['BatteryOnSheet']>({
    cells: 4,
    chemistry: 'LIPO',
    capacityMah: 1500,
    cellMilliohms: 4
  });
  let adding = $state('');
  let reason = $state('');

  onMount(() => {
    void library.load(() => ask(api.GET('/api/parts-library')));
    void choices.load(() => ask(api.GET('/api/choices')));
  });

  $effect(() => {
    const current = work;
    untrack(() => void current.load());
  });

  let electrics = $derived(work.chart?.sheet.electrics);
  let pads = $derived(
    (electrics?.parts ?? []).flatMap((part) =>
      (sortOf(part.archetype)?.pads ?? [])
        .filter((pad) => pad.room > 0)
        .map((pad) => `${part.id}.${pad.name}`)
    )
  );

  /** A part type as this craft has it, or as it is in the library. */
  function sortOf(id: string): Schemas['PartType'] | undefined {
    return (
      electrics?.partTypes?.find((partType) => partType.id === id) ??
      library.value?.find((one) => one.partType.id === id)?.partType
    );
  }

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await work.keep(reason)) {
      navigate('/crafts/:mark', { params: { mark } });
    }
  }
</script>

<svelte:head><title>Parts and wiring of {mark} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Parts and wiring of <a href={`/crafts/${encodeURIComponent(mark)}`}>{mark}</a></h1>
  <Notice text={work.error || library.error} />
  {#if work.chart && library.value && choices.value}
    {@const c = choices.value}
    {#if !electrics || !work.battery}
      <p>Pick a wiring layout. Change only what is different on this craft.</p>
      <form
        class="grid"
        onsubmit={(event) => {
          event.preventDefault();
          void work.layOut(layout, first);
        }}
      >
        <div class="field">
          <label for="layout">Wiring layout</label>
          <select id="layout" class="entry" bind:value={layout}>
            {#each c.layouts as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
          </select>
        </div>
        <div class="field">
          <label for="cells">Cells of the battery</label>
          <NumberEntry whole id="cells" class="entry" min={1} max={14} bind:value={first.cells} />
        </div>
        <div class="field">
          <label for="capacity">Capacity, mAh</label>
          <NumberEntry unit="mAh" id="capacity" class="entry" min={50} bind:value={first.capacityMah} />
        </div>
        <p><button class="act" disabled={work.busy}>Use this layout</button></p>
      </form>
    {:else}
      {#if work.chart.behindTheLibrary.length > 0}
        <p class="small missing">
          {work.chart.behindTheLibrary.join(', ')} changed in the parts library since.
          <button class="plain" disabled={work.busy} onclick={() => void work.takeOver()}>Update it</button>
        </p>
      {/if}
      {#each work.chart.missing as text, n (n)}<p class="small missing">{text}</p>{/each}
      <h2>Parts</h2>
      <p class="small">
        Enter what differs from the part type: a name, a current. Saved together with the wires below.
      </p>
      <ul class="parts">
        {#each work.parts as part, i (part.id)}
          <li>
            <span class="figure">{part.id}</span>
            <input
              class="entry"
              bind:value={work.parts[i]!.label}
              maxlength="60"
              aria-label={`Name of ${part.id}`}
            />
            <span class="small">{sortOf(part.archetype)?.label}</span>
            <span class="draw">
              <NumberEntry
                class="entry"
                min={0}
                max={100}
                unit="A"
                value={part.drawA || null}
                onnumber={(amps) => (work.parts[i]!.drawA = amps ?? 0)}
                placeholder={String(sortOf(part.archetype)?.loads?.[0]?.amps ?? '–')}
                aria-label={`Draw of ${part.id} in amperes, empty for that of its part type`}
              /> A
            </span>
            <button
              class="plain"
              disabled={work.busy}
              aria-label={`remove ${part.label}`}
              onclick={() => void work.removePart(part.id)}>remove</button
            >
          </li>
        {/each}
      </ul>
      <form
        class="add"
        onsubmit={(event) => {
          event.preventDefault();
          void work.addPart(adding);
        }}
      >
        <select class="entry" bind:value={adding} aria-label="Part from the library">
          <option value="">from the parts library…</option>
          {#each library.value as { partType } (partType.id)}
            <option value={partType.id}
              >{partType.label}{partType.loads?.[0] ? `, ${partType.loads[0].amps} A` : ''}</option
            >
          {/each}
        </select>
        <button class="quiet" disabled={adding === '' || work.busy}>Add it, with its wires</button>
        <a href="/parts">the parts library</a>
      </form>

      <form onsubmit={keep}>
        <h2>Wires</h2>
        <WiresByPointing {work} sought={String(searchParams.get('pad') ?? '')} />
        <details>
          <summary>All {work.wires.length} wires as a list</summary>
          <p class="small">Write a pad as part.pad. Gauge in AWG: a larger number is a thinner wire.</p>
          <datalist id="pads"
            >{#each pads as pad (pad)}<option value={pad}></option>{/each}</datalist
          >
          <div class="leads">
            {#each work.wires.keys() as i (i)}
              <WireRow bind:wire={work.wires[i]!} number={i + 1} onremove={() => work.wires.splice(i, 1)} />
            {/each}
          </div>
        </details>
        <h2>Battery</h2>
        <div class="grid">
          <div class="field">
            <label for="p-cells">Cells</label>
            <NumberEntry whole id="p-cells" class="entry" min={1} max={14} bind:value={work.battery.cells} />
          </div>
          <div class="field">
            <label for="p-mah">Capacity, mAh</label>
            <NumberEntry unit="mAh" id="p-mah" class="entry" min={50} bind:value={work.battery.capacityMah} />
          </div>
          <div class="field">
            <label for="p-ohm">Resistance of a cell, milliohm</label>
            <NumberEntry unit="mΩ" id="p-ohm" class="entry" bind:value={work.battery.cellMilliohms} />
          </div>
        </div>
        <div class="field why">
          <label for="reason">Why it is changed</label>
          <input id="reason" class="entry" bind:value={reason} maxlength="400" />
        </div>
        <Notice text={work.error} />
        <p><button class="act" disabled={work.busy || reason.trim() === ''}>Save to the sheet</button></p>
      </form>
    {/if}
  {/if}
</section>

<style>
  h2 {
    margin-top: 1.2rem;
  }

  .grid {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.8rem 1.2rem;
    margin: 0.8rem 0;
    align-items: end;
  }

  .parts li {
    display: grid;
    grid-template-columns: 5rem 1fr 1.4fr 8rem auto;
    gap: 0.8rem;
    padding: 0.2rem 0;
    align-items: center;
    border-bottom: 1px solid var(--rule);
  }

  .draw {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.3rem;
    align-items: center;
  }

  .add {
    display: grid;
    grid-template-columns: minmax(14rem, 26rem) auto;
    gap: 0.8rem;
    margin-top: 0.6rem;
    justify-content: start;
  }

  .leads {
    margin: 0.5rem 0;
  }

  summary {
    min-height: 44px;
    cursor: pointer;
    color: var(--act);
  }

  .why {
    max-width: 34rem;
    margin-bottom: 0.8rem;
  }

  .missing {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.7rem;
    margin: 0.3rem 0;
  }

  @media (max-width: 700px) {
    .grid {
      grid-template-columns: 1fr;
    }
  }
</style>
