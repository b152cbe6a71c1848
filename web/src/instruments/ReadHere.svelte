<script lang="ts">
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import PowerMap from '../shared/PowerMap.svelte';
  import PowerMapKey from '../shared/PowerMapKey.svelte';
  import CraftPicker from './CraftPicker.svelte';

  const map = new Loading<Schemas['PowerMap']>();
  const solved = new Loading<Schemas['HereAnswer']>();
  let craftId = $state(String(searchParams.get('craft') ?? ''));
  let red = $state(String(searchParams.get('red') ?? ''));
  let black = $state(String(searchParams.get('black') ?? ''));
  let mode = $state<Schemas['TwoPoints']['mode']>('OHMS');

  $effect(() => {
    const chosen = craftId;
    if (chosen) {
      void map.load(() =>
        ask(api.GET('/api/crafts/{craftId}/power-map', { params: { path: { craftId: chosen } } }))
      );
    }
  });

  $effect(() => {
    const body = { craftId, mode, red, black };
    if (craftId && red && black) {
      void solved.load(() => ask(api.POST('/api/instruments/read-here', { body })));
    }
  });

  function pick(id: string): void {
    if (!red || (red && black)) {
      red = id;
      black = '';
    } else if (id !== red) {
      black = id;
    }
  }
</script>

<svelte:head><title>What should I read here? – Able Medic</title></svelte:head>

<section class="page">
  <h1>What should I read here?</h1>
  <div class="ask">
    <CraftPicker bind:craftId />
    <div class="field">
      <label for="mode">Meter on</label>
      <select id="mode" class="entry" bind:value={mode}>
        <option value="OHMS">ohms, battery out</option>
        <option value="VOLTS">DC volts, battery in, motors stopped</option>
      </select>
    </div>
    <div class="field">
      <label for="red">Red probe</label>
      <select id="red" class="entry" bind:value={red}>
        <option value="">Choose, here or on the map</option>
        {#each map.value?.points ?? [] as p (p.id)}<option value={p.id}>{p.label}</option>{/each}
      </select>
    </div>
    <div class="field">
      <label for="black">Black probe</label>
      <select id="black" class="entry" bind:value={black}>
        <option value="">Choose, here or on the map</option>
        {#each map.value?.points ?? [] as p (p.id)}<option value={p.id}>{p.label}</option>{/each}
      </select>
    </div>
  </div>
  <Notice text={map.error || (red && black ? solved.error : '')} />
  {#if mode === 'VOLTS'}<p class="caution">Props off. One hand; let no tip bridge two pads.</p>{/if}
  <div aria-live="polite">
    {#if solved.value && red && black && !solved.error}
      {@const a = solved.value}
      <p>All well: <strong class="reading">{a.sound}</strong></p>
      {#each a.under as under (under.reading + under.faults[0])}
        <details>
          <summary
            ><span class="reading">{under.reading}</span>
            {under.faults[0]}{under.faults.length > 1 ? ` and ${under.faults.length - 1} more` : ''}</summary
          >
          <ul>
            {#each under.faults as fault, i (i)}<li>{fault}</li>{/each}
          </ul>
        </details>
      {:else}
        <p class="small">No known power fault changes this reading.</p>
      {/each}
    {/if}
  </div>
  {#if map.value}
    {#if map.value.boxes.length === 0}
      <p>
        The parts and wiring of {craftId} are not entered.
        <a href={`/crafts/${encodeURIComponent(craftId)}/wiring`}>Enter them</a>
      </p>
    {:else}
      <div class="map" style:--natural={`${map.value.width}px`}>
        <PowerMap map={map.value} label={`Wiring and parts of ${craftId}`} {red} {black} onpick={pick} />
      </div>
      <PowerMapKey />
    {/if}
  {/if}
</section>

<style>
  .ask {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 1rem;
    margin: 0.8rem 0;
  }

  .map {
    overflow-x: auto;
    margin-inline: calc(50% - 50vw + 1.9rem);
    margin-top: 1rem;
  }

  .map :global(svg) {
    width: var(--natural);
    max-width: none !important;
    margin-inline: auto;
  }

  summary {
    min-height: 44px;
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.9rem;
    align-items: center;
    cursor: pointer;
    border-bottom: 1px solid var(--rule);
  }

  details ul {
    padding: 0.3rem 0 0.6rem 1.4rem;
    list-style: disc;
  }

  @media (max-width: 900px) {
    .ask {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
