<script lang="ts">
  import FirstLayout from './FirstLayout.svelte';
  import WiringParts from './WiringParts.svelte';
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
  let craftId = $derived(String(route.params.craftId ?? ''));
  let work = $derived(new WiringState(craftId));
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
      (typeOf(part.archetype)?.pads ?? [])
        .filter((pad) => pad.room > 0)
        .map((pad) => `${part.id}.${pad.name}`)
    )
  );

  /** A part type as this craft has it, or as it is in the library. */
  function typeOf(id: string): Schemas['PartType'] | undefined {
    return (
      electrics?.partTypes?.find((partType) => partType.id === id) ??
      library.value?.find((one) => one.partType.id === id)?.partType
    );
  }

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await work.keep(reason)) {
      navigate('/crafts/:craftId', { params: { craftId } });
    }
  }
</script>

<svelte:head><title>Parts and wiring of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Parts and wiring of <a href={`/crafts/${encodeURIComponent(craftId)}`}>{craftId}</a></h1>
  <Notice text={work.error || library.error} />
  {#if work.chart && library.value && choices.value}
    {@const c = choices.value}
    {#if !electrics || !work.battery}
      <FirstLayout {work} layouts={c.layouts} />
    {:else}
      {#if work.chart.behindTheLibrary.length > 0}
        <p class="small missing">
          {work.chart.behindTheLibrary.join(', ')} changed in the parts library since.
          <button class="plain" disabled={work.busy} onclick={() => void work.takeOver()}>Update it</button>
        </p>
      {/if}
      {#each work.chart.missing as text, n (n)}<p class="small missing">{text}</p>{/each}
      <WiringParts {work} library={library.value} {typeOf} />

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
