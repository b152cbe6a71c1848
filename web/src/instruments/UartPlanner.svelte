<script lang="ts">
  import PlannedUarts from './PlannedUarts.svelte';
  import { onMount } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import PortBoard from '../shared/PortBoard.svelte';

  type Wish = Schemas['WishAsked'];
  const choices = new Loading<Schemas['PlannerChoices']>();
  const planned = new Loading<Schemas['PlanAnswer']>();
  let board = $state('board-f4-pad');
  let wishes = $state<Wish[]>([
    { name: 'receiver', job: 'RECEIVER', format: 'SBUS', volts5: false, at: '' },
    { name: 'telemetry', job: 'TELEMETRY', format: 'POLLED', volts5: false, at: '' },
    { name: 'GNSS', job: 'GNSS', format: 'NMEA', volts5: false, at: '' }
  ]);
  const craft = String(searchParams.get('craft') ?? '');
  const of = new Loading<Schemas['SerialMapView']>();
  onMount(async () => {
    void choices.load(() => ask(api.GET('/api/instruments/port-planner')));
    if (craft) {
      await of.load(() =>
        ask(api.GET('/api/crafts/{craftId}/serial-map', { params: { path: { craftId: craft } } }))
      );
      take(of.value);
    }
  });

  /** Begins with the board and the parts of a craft, as they are soldered. */
  function take(map: Schemas['SerialMapView'] | undefined): void {
    if (map?.boardId) {
      board = map.boardId;
      wishes = map.lines.map(({ name, job, format, volts5, wires }) => ({
        name,
        job,
        format,
        volts5,
        at: wires[0]?.uart ?? ''
      }));
    }
  }

  $effect(() => {
    const body = { board, wishes: $state.snapshot(wishes) };
    void planned.load(() => ask(api.POST('/api/instruments/port-planner', { body })));
  });

  let drawn = $derived(choices.value?.boards.find((one) => one.id === board));
  let uarts = $derived([...new Set(drawn?.pads.map((pad) => pad.uart) ?? [])]);
  let rows = $derived(
    uarts.map((name) => ({
      name,
      note: name === drawn?.computer ? 'the computer’s too' : '',
      pads: drawn!.pads.filter((pad) => pad.uart === name)
    }))
  );
  let held = $derived(
    (planned.value?.placed ?? [])
      .filter((one) => one.uart)
      .map((one) => ({
        uart: one.uart,
        label: [
          one.name,
          ...planned.value!.placed.filter((guest) => guest.over === one.name).map((guest) => guest.name)
        ].join(', '),
        pads: one.wires.map((wire) => / to pad (.+)$/.exec(wire)?.[1] ?? ''),
        state: 'sound' as const
      }))
  );
  const formats = (job: Wish['job']): Schemas['FormatView'][] =>
    choices.value?.jobs.find((one) => one.id === job)?.formats ?? [];

  function add(job: Wish['job']): void {
    const label = choices.value?.jobs.find((one) => one.id === job)?.label ?? '';
    let name = label;
    for (let n = 2; wishes.some((one) => one.name === name); n++) {
      name = `${label} ${n}`;
    }
    wishes.push({ name, job, format: formats(job)[0]?.id ?? 'SBUS', volts5: false, at: '' });
  }
</script>

<svelte:head><title>UART planner – Able Medic</title></svelte:head>

<section class="page">
  <h1>UART planner</h1>
  {#if craft}<p>
      As on <a href={`/crafts/${encodeURIComponent(craft)}`}>{craft}</a>; try changes here: the sheet stays as
      it is.
    </p>{/if}
  <p class="small">
    Each part gets a UART that supports its protocol, with the least soldering and the fewest parts left out.
    One function per UART.
  </p>
  <Notice text={choices.error || of.error} />
  <div class="two">
    <div class="asked">
      <div class="field">
        <label for="board">FC</label>
        <select id="board" class="entry" bind:value={board}>
          {#each choices.value?.boards ?? [] as one (one.id)}<option value={one.id}>{one.label}</option
            >{/each}
        </select>
        {#if drawn}<span class="small">Not printed on the board: {drawn.silent}</span>{/if}
      </div>
      <h2>Parts</h2>
      <ul>
        {#each wishes as wish, i (i)}
          <li>
            <strong class="name">{wish.name}</strong>
            <button
              class="plain"
              type="button"
              aria-label={`Leave out: ${wish.name}`}
              onclick={() => wishes.splice(i, 1)}>Leave out</button
            >
            <label class="sr-only" for={`format-${i}`}>Format of {wish.name}</label>
            <select id={`format-${i}`} class="entry" bind:value={wish.format}>
              {#each formats(wish.job) as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
            </select>
            <label class="sr-only" for={`at-${i}`}>Soldered to</label>
            <select id={`at-${i}`} class="entry" bind:value={wish.at}>
              <option value="">not soldered yet</option>
              {#each uarts as uart (uart)}<option value={uart}>soldered to UART {uart}</option>{/each}
            </select>
            <label class="tick"><input type="checkbox" bind:checked={wish.volts5} /> sends 5 V</label>
          </li>
        {/each}
      </ul>
      <div class="adds">
        {#each choices.value?.jobs ?? [] as job (job.id)}
          <button class="plain" type="button" disabled={wishes.length >= 12} onclick={() => add(job.id)}>
            + {job.label}
          </button>
        {/each}
      </div>
    </div>
    <div class="answer" aria-live="polite">
      <Notice text={planned.error} />
      {#if drawn && planned.value}
        <PortBoard label={drawn.label} uarts={rows} {held} />
        <p class="small">{drawn.processor}</p>
        <PlannedUarts plan={planned.value} />
      {/if}
    </div>
  </div>
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1.3fr;
    gap: 2.5rem;
    margin-top: 1rem;
    align-items: start;
  }

  .asked,
  .answer {
    display: grid;
    gap: 0.8rem;
    align-content: start;
  }

  .asked li {
    display: grid;
    grid-template-columns: 1fr 1fr 6rem;
    gap: 0.4rem 0.6rem;
    align-items: center;
    border-bottom: 1px solid var(--rule);
    padding: 0.6rem 0;
  }

  .asked li .plain {
    justify-self: end;
  }

  .name {
    grid-column: 1 / 3;
  }

  .adds {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }

  .asked .tick {
    order: 1;
  }

  @media (max-width: 900px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
