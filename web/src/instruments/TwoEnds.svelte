<script lang="ts">
  import LineDrawing from './LineDrawing.svelte';
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { TwoEndsState } from './twoEnds.svelte';

  const choices = new Loading<Schemas['PlannerChoices']>();
  const solved = new Loading<Schemas['EndsAnswer']>();
  const ends = new TwoEndsState();
  onMount(() => void choices.load(() => ask(api.GET('/api/instruments/port-planner'))));

  $effect(() => {
    const body = ends.asked();
    void solved.load(() => ask(api.POST('/api/instruments/two-ends', { body })));
  });

  let board = $derived(choices.value?.boards.find((one) => one.id === ends.board));
  let uarts = $derived([...new Set(board?.pads.map((pad) => pad.uart) ?? [])]);
  let pads = $derived(board?.pads.map((pad) => `${pad.name} ${pad.side}`) ?? []);
  let jobs = $derived(choices.value?.jobs ?? []);
  let formats = $derived(jobs.find((one) => one.id === ends.job)?.formats ?? []);
  let all = $derived([...new Map(jobs.flatMap((job) => job.formats).map((one) => [one.id, one])).values()]);
  let rates = $derived(
    [...new Set([...(all.find((one) => one.id === ends.format)?.bauds ?? []), 9600, 57600, 115200])].sort(
      (a, b) => a - b
    )
  );

  const grades: Record<Schemas['FoundAtEnds']['grade'], string> = {
    HARMS: 'harms',
    WRONG: 'wrong',
    DOUBTFUL: 'note',
    UNKNOWN: 'not known'
  };
</script>

{#snippet select(
  id: string,
  label: string,
  of: (readonly [string, string])[],
  value: string,
  set: (v: string) => void
)}
  <div class="field">
    <label for={id}>{label}</label>
    <select {id} class="entry" {value} onchange={(event) => set(event.currentTarget.value)}>
      {#each of as [key, text] (key)}<option value={key}>{text}</option>{/each}
    </select>
  </div>
{/snippet}

<svelte:head><title>Two ends of a line – Able Medic</title></svelte:head>

<section class="page">
  <h1>Two ends of a line</h1>
  <p class="small">
    How a part is wired and how its UART is configured: whether the two understand each other.
  </p>
  <Notice text={choices.error} />
  <LineDrawing {ends} {jobs} {all} judged={solved.value?.judged ?? []} />
  <div aria-live="polite">
    <Notice text={solved.error} />
    {#if solved.value}
      {#if solved.value.judged.length === 0}<p class="sound">They understand each other.</p>{/if}
      <ul class="found">
        {#each solved.value.judged as one, i (i)}
          <li class={one.grade.toLowerCase()}>
            <span class="small">{grades[one.grade]}</span>
            {one.text} <strong>{one.remedy}</strong>
          </li>
        {/each}
      </ul>
    {/if}
  </div>
  <div class="sets">
    <fieldset>
      <legend>The part</legend>
      {@render select(
        'job',
        'What it is for',
        jobs.map((one) => [one.id, one.label] as const),
        ends.job,
        (v) => ends.chooseJob(v as typeof ends.job, jobs)
      )}
      {@render select(
        'format',
        'Protocol of the part',
        formats.map((one) => [one.id, one.label] as const),
        ends.format,
        (v) => ends.chooseFormat(v as typeof ends.format, all)
      )}
      {@render select(
        'baud',
        'Rate, baud',
        rates.map((one) => [String(one), String(one)] as const),
        String(ends.baud),
        (v) => (ends.baud = Number(v))
      )}
      <div class="field">
        <label for="supply">Fed with, V</label>
        <NumberEntry unit="V" id="supply" class="entry reading" bind:value={ends.supplyV} />
      </div>
      <div class="field">
        <label for="stands">Maximum, V</label>
        <NumberEntry unit="V" id="stands" class="entry reading" bind:value={ends.standsV} />
      </div>
      <label class="tick"><input type="checkbox" bind:checked={ends.volts5} /> sends 5 V</label>
    </fieldset>
    <fieldset>
      <legend>Its wires</legend>
      {@render select(
        'board',
        'FC',
        (choices.value?.boards ?? []).map((one) => [one.id, one.label] as const),
        ends.board,
        (v) => ends.chooseBoard(v)
      )}
      {@render select(
        'sends',
        'Its TX goes to pad',
        [['', 'nothing'] as const, ...pads.map((one) => [one, one] as const)],
        ends.sends,
        (v) => (ends.sends = v)
      )}
      {@render select(
        'hears',
        'Its RX comes from pad',
        [['', 'nothing'] as const, ...pads.map((one) => [one, one] as const)],
        ends.hears,
        (v) => (ends.hears = v)
      )}
      <label class="tick"><input type="checkbox" bind:checked={ends.ground} /> ground connected</label>
      <label class="tick"><input type="checkbox" bind:checked={ends.computer} /> USB is plugged in</label>
    </fieldset>
    <fieldset>
      <legend>UART configuration</legend>
      <label class="tick"><input type="checkbox" bind:checked={ends.read} /> read from the FC</label>
      {#if ends.read}
        {@render select(
          'uart',
          'UART',
          uarts.map((one) => [one, one] as const),
          ends.toldPort,
          (v) => (ends.toldPort = v)
        )}
        {@render select(
          'told-job',
          'Function',
          [['', 'none'] as const, ...jobs.map((one) => [one.id, one.label] as const)],
          ends.toldJob,
          (v) => (ends.toldJob = v as typeof ends.toldJob)
        )}
        {@render select(
          'told-format',
          'Protocol',
          all.map((one) => [one.id, one.label] as const),
          ends.toldFormat,
          (v) => (ends.toldFormat = v as typeof ends.toldFormat)
        )}
        {@render select(
          'told-baud',
          'Rate, baud',
          rates.map((one) => [String(one), String(one)] as const),
          String(ends.toldBaud),
          (v) => (ends.toldBaud = Number(v))
        )}
        <label class="tick"
          ><input type="checkbox" bind:checked={ends.inverted} /> inversion on, or the jumper bridged</label
        >
        <label class="tick"><input type="checkbox" bind:checked={ends.oneWire} /> half duplex on</label>
        <label class="tick"><input type="checkbox" bind:checked={ends.softOn} /> soft serial on</label>
      {/if}
    </fieldset>
  </div>
</section>

<style>
  .sound {
    border-left: 4px solid var(--act);
    padding-left: 0.8rem;
  }
</style>
