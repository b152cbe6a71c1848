<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { navigate } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  const batteries = new Loading<Schemas['BatteryView'][]>();
  const choices = new Loading<Schemas['Choosable']>();
  const rules = new Loading<Schemas['Rule'][]>();
  let label = $state('');
  let kind = $state<Schemas['BatteryOnSheet']>({
    cells: 4,
    chemistry: 'LIPO',
    capacityMah: 1500,
    cellMilliohms: 4
  });
  let rule = $state<Schemas['BatteryView']['rule']>('LONG_LIFE');
  let error = $state('');

  onMount(() => {
    void batteries.load(() => ask(api.GET('/api/batteries')));
    void choices.load(() => ask(api.GET('/api/choices')));
    void rules.load(() => ask(api.GET('/api/landing-voltage-rules')));
  });

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    error = '';
    try {
      const made = await ask(api.POST('/api/batteries', { body: { label, kind: { ...kind }, rule } }));
      navigate('/batteries/:label', { params: { label: made.label } });
    } catch (thrown) {
      error = words(thrown);
    }
  }
</script>

<svelte:head><title>Batteries – Able Medic</title></svelte:head>

<section class="page">
  <h1>Batteries</h1>
  <Notice text={batteries.error || choices.error} />
  {#if batteries.value}
    <table>
      <thead>
        <tr>
          <th scope="col">Label</th><th scope="col">Battery</th><th scope="col" class="right">Resistance</th>
          <th scope="col" class="right">To land</th><th scope="col" class="right">Usable</th>
          <th scope="col" class="right">Flies</th>
        </tr>
      </thead>
      <tbody>
        {#each batteries.value as battery (battery.label)}
          <tr>
            <th scope="row"
              ><a href={`/batteries/${encodeURIComponent(battery.label)}`}>{battery.label}</a></th
            >
            <td
              >{battery.kind.cells} cells, {battery.chemistry}, {Math.round(battery.kind.capacityMah)} mAh
              {#if battery.worn}<strong class="worn">worn</strong>{/if}</td
            >
            <td class="right figure"
              >{battery.resistanceMohm ? `${battery.resistanceMohm.value.toFixed(0)} mΩ` : 'not measured'}</td
            >
            <td class="right figure">{battery.landV.toFixed(1)} V</td>
            <td class="right figure">{battery.usableMah.toFixed(0)} mAh</td>
            <td class="right figure"
              >{battery.flightMinutes ? `${battery.flightMinutes.value.toFixed(1)} min` : 'no flight yet'}</td
            >
          </tr>
        {:else}
          <tr
            ><td colspan="6">No battery yet. Add the first one below, then log each flight and charge.</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
  {/if}
  {#if choices.value}
    {@const c = choices.value}
    <h2>Enter a battery</h2>
    <form onsubmit={enter}>
      <div class="field">
        <label for="label">Label</label>
        <input id="label" class="entry" bind:value={label} maxlength="24" />
      </div>
      <div class="field">
        <label for="cells">Cells</label>
        <NumberEntry whole id="cells" class="entry" min={1} max={14} bind:value={kind.cells} />
      </div>
      <div class="field">
        <label for="chemistry">Chemistry</label>
        <select id="chemistry" class="entry" bind:value={kind.chemistry}>
          {#each c.chemistries as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
        </select>
      </div>
      <div class="field">
        <label for="capacity">Capacity, mAh</label>
        <NumberEntry unit="mAh" id="capacity" class="entry" min={50} bind:value={kind.capacityMah} />
      </div>
      <div class="field">
        <label for="ohms">Resistance of a cell, milliohm</label>
        <NumberEntry unit="mΩ" id="ohms" class="entry" bind:value={kind.cellMilliohms} />
      </div>
      <div class="field">
        <label for="school">Landing-voltage rule</label>
        <select id="school" class="entry" bind:value={rule}>
          {#each rules.value ?? [] as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
        </select>
      </div>
      <div class="end">
        <Notice text={error} />
        <button class="act" disabled={label.trim() === ''}>Save battery</button>
      </div>
    </form>
  {/if}
</section>

<style>
  table {
    width: 100%;
    border-collapse: collapse;
    margin: 1rem 0 1.6rem;
  }

  th,
  td {
    text-align: left;
    padding: 0.5rem 0.8rem 0.5rem 0;
    border-bottom: 1px solid var(--rule);
  }

  thead th {
    font-weight: 400;
    color: var(--soft);
  }

  .right {
    text-align: right;
  }

  .worn {
    color: var(--danger);
  }

  form {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.8rem 1.2rem;
    max-width: 52rem;
    margin-top: 0.6rem;
  }

  .end {
    grid-column: 1 / -1;
  }

  @media (max-width: 700px) {
    form {
      grid-template-columns: 1fr;
    }
  }
</style>
