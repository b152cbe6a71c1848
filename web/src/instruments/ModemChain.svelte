<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import ModemWay from './ModemWay.svelte';

  const solved = new Loading<Schemas['ModemAnswer']>();
  const rates = [9600, 19200, 38400, 57600, 115200];
  const air = [2400, 4800, 9600, 19200, 38400, 64000, 128000, 250000];
  let chain = $state<Schemas['ChainAsked']>({
    board: { baud: 57600, farBaud: 19200, flow: false, flowWired: false, highV: 3.3, farHighV: 3.3 },
    air: {
      baud: 64000,
      oneWay: false,
      changed: false,
      restarted: true,
      rangeFirst: false,
      stations: 1,
      serialPorts: 2
    },
    ground: { baud: 57600, farBaud: 57600, flow: false, flowWired: false, highV: 3.3, farHighV: 3.3 },
    bytesPerS: 700,
    twoWay: true
  });

  const craft = String(searchParams.get('craft') ?? '');
  const of = new Loading<Schemas['ChainAsked']>();
  onMount(async () => {
    if (craft) {
      await of.load(() =>
        ask(api.GET('/api/crafts/{craftId}/modem-chain', { params: { path: { craftId: craft } } }))
      );
      chain = of.value ?? chain;
    }
  });

  $effect(() => {
    const body = $state.snapshot(chain);
    void solved.load(() => ask(api.POST('/api/instruments/modem-chain', { body })));
  });

  const grades: Record<Schemas['FoundView']['grade'], string> = {
    HARMS: 'harms',
    WRONG: 'wrong',
    DOUBTFUL: 'doubtful',
    SOUND: 'sound'
  };
</script>

{#snippet rate(id: string, label: string, of: number[], value: number, set: (v: number) => void)}
  <div class="field">
    <label for={id}>{label}</label>
    <select {id} class="entry" {value} onchange={(event) => set(Number(event.currentTarget.value))}>
      {#each of as one (one)}<option value={one}>{one}</option>{/each}
    </select>
  </div>
{/snippet}

{#snippet tick(label: string, value: boolean, set: (v: boolean) => void)}
  <label class="tick"
    ><input type="checkbox" checked={value} onchange={(event) => set(event.currentTarget.checked)} />
    {label}</label
  >
{/snippet}

{#snippet wire(name: 'board' | 'ground', near: string, far: string)}
  {@const w = chain[name]}
  {@render rate(`${name}-near`, `Baud at ${near}`, rates, w.baud, (v) => (chain[name].baud = v))}
  {@render rate(`${name}-far`, `Baud at ${far}`, rates, w.farBaud, (v) => (chain[name].farBaud = v))}
  {@render tick('flow control on at an end', w.flow, (v) => (chain[name].flow = v))}
  {@render tick('RTS and CTS are connected', w.flowWired, (v) => (chain[name].flowWired = v))}
  {@render tick(`${near} sends 5 V`, w.highV > 4, (v) => (chain[name].highV = v ? 5 : 3.3))}
  {@render tick(`${far} sends 5 V`, w.farHighV > 4, (v) => (chain[name].farHighV = v ? 5 : 3.3))}
{/snippet}

<svelte:head><title>Modem chain – Able Medic</title></svelte:head>

<section class="page">
  <h1>Modem chain</h1>
  <Notice text={of.error} />
  {#if craft}<p>
      As on <a href={`/crafts/${encodeURIComponent(craft)}`}>{craft}</a>; change what you like: the sheet is
      not changed.
    </p>{/if}
  <p class="small">
    Every wire has the same rate at both ends, and no hop is asked for more than it can do. Each box says what
    to enter at it.
  </p>
  <div class="load">
    <div class="field">
      <label for="bytes">The FC sends, bytes a second</label>
      <NumberEntry id="bytes" class="entry reading" min={0} bind:value={chain.bytesPerS} />
      <a href="/instruments/byte-budget">Byte budget</a>
    </div>
    {@render tick('settings and commands go up as well', chain.twoWay, (v) => (chain.twoWay = v))}
  </div>
  <Notice text={solved.error} />
  {#if solved.value}<ModemWay hops={solved.value.hops} entries={solved.value.entries} />{/if}
  <div aria-live="polite">
    {#if solved.value}
      <h2>{solved.value.found.length === 0 ? 'All sound' : 'What is wrong'}</h2>
      <ul class="found">
        {#each solved.value.found as one, i (i)}
          <li class={one.grade.toLowerCase()}>
            <span class="small">{grades[one.grade]}, {one.hop}</span>
            {one.text} <strong>{one.remedy}</strong>
          </li>
        {/each}
      </ul>
    {/if}
  </div>
  <div class="sets">
    <fieldset>
      <legend>FC to air modem</legend>
      {@render wire('board', 'the FC', 'the air modem')}
    </fieldset>
    <fieldset>
      <legend>Air</legend>
      {@render rate('air', 'Bits a second', air, chain.air.baud, (v) => (chain.air.baud = v))}
      {@render tick(
        'range counts for more than rate',
        chain.air.rangeFirst,
        (v) => (chain.air.rangeFirst = v)
      )}
      {@render tick('decode or long-range mode on', chain.air.oneWay, (v) => (chain.air.oneWay = v))}
      {@render tick(
        'a modem setting was changed since binding',
        chain.air.changed,
        (v) => (chain.air.changed = v)
      )}
      {@render tick('both were without power since', chain.air.restarted, (v) => (chain.air.restarted = v))}
    </fieldset>
    <fieldset>
      <legend>Ground modem to ground station</legend>
      {@render wire('ground', 'the ground modem', 'the ground station')}
      <div class="field">
        <label for="ports">Virtual serial ports that appear</label>
        <NumberEntry
          whole
          id="ports"
          class="entry reading"
          min={0}
          max={20}
          bind:value={chain.air.serialPorts}
        />
      </div>
      <div class="field">
        <label for="stations">Ground stations that are on</label>
        <NumberEntry
          whole
          id="stations"
          class="entry reading"
          min={0}
          max={20}
          bind:value={chain.air.stations}
        />
      </div>
    </fieldset>
  </div>
</section>

<style>
  .load {
    display: flex;
    flex-wrap: wrap;
    gap: 1.5rem;
    align-items: end;
    margin: 0.8rem 0;
  }
</style>
