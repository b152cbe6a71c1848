<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, words, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import CraftPicker from './CraftPicker.svelte';

  /** Makes a recording up: of a format, or of a pad of a craft of the bench, sound or with a fault. */
  let { onmade }: { onmade: (file: Blob, name: string) => void } = $props();

  let craft = $state(String(searchParams.get('craft') ?? ''));
  const of = new Loading<Schemas['Recordable']>();
  let pad = $state('');
  let fault = $state('');
  let format = $state('SBUS');
  let form = $state('VCD');
  let turned = $state(false);
  let percentOff = $state(0);
  let noiseV = $state(0.05);
  let error = $state('');

  const formats = [
    ['SBUS', 'SBUS'],
    ['IBUS', 'IBUS'],
    ['CRSF', 'CRSF'],
    ['MAVLINK', 'MAVLink'],
    ['NMEA', 'NMEA 0183'],
    ['PPM', 'PPM'],
    ['PWM', 'PWM'],
    ['DSHOT', 'DSHOT'],
    ['POLLED', 'half-duplex polled telemetry'],
    ['STREAM', 'one-way telemetry stream'],
    ['SATELLITE', 'satellite serial']
  ];
  const forms = [
    ['VCD', 'changes of levels (VCD)'],
    ['LEVELS', 'a table of levels (CSV)'],
    ['VOLTS', 'a table of volts (CSV)']
  ];
  let pads = $derived(of.value?.pads ?? []);
  let made = $derived(
    craft
      ? `/api/crafts/${encodeURIComponent(craft)}/signal?pad=${pad}&fault=${encodeURIComponent(fault)}&form=${form}&noiseV=${noiseV}`
      : `/api/instruments/signal?format=${format}&form=${form}&inverted=${turned}&rate=${1 + percentOff / 100}&frames=${form === 'VOLTS' ? 8 : 40}&noiseV=${noiseV}`
  );

  onMount(() => void choose());

  /** What can be recorded of the craft that was chosen. */
  async function choose(): Promise<void> {
    pad = '';
    fault = '';
    if (craft) {
      await of.load(() =>
        ask(api.GET('/api/crafts/{craftId}/signal/choices', { params: { path: { craftId: craft } } }))
      );
      pad = pads[0] ?? '';
    }
  }

  async function make(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    error = '';
    try {
      const answer = await fetch(made);
      if (!answer.ok) {
        error = ((await answer.json()) as { detail?: string }).detail ?? '';
        return;
      }
      const what = craft ? `pad ${pad} of ${craft}` : (formats.find(([id]) => id === format)?.[1] ?? format);
      onmade(await answer.blob(), `a made-up recording of ${what}`);
    } catch (thrown) {
      error = words(thrown);
    }
  }
</script>

<form onsubmit={make}>
  <p class="small">No recording at hand? Make one up, of a format or of a craft of the bench.</p>
  <div class="makes">
    <CraftPicker bind:craftId={craft} none="no craft, a format" onchange={() => void choose()} />
    {#if craft}
      {#if pads.length > 0}
        <label
          >Pad
          <select class="entry" bind:value={pad}
            >{#each pads as one (one)}<option value={one}>{one}</option>{/each}</select
          ></label
        >
        <label class="fault"
          >With
          <select class="entry" bind:value={fault}>
            <option value="">nothing wrong</option>
            {#each of.value?.faults ?? [] as one (one.id)}<option value={one.id}>{one.title}</option>{/each}
          </select></label
        >
      {:else if of.value}
        <p class="small">The UARTs of its FC are not entered.</p>
      {/if}
    {:else}
      <label
        >Format
        <select class="entry" bind:value={format}
          >{#each formats as [id, label] (id)}<option value={id}>{label}</option>{/each}</select
        ></label
      >
      <label
        >Clock off by, %
        <NumberEntry unit="%" class="entry reading" min={-20} max={20} bind:value={percentOff} /></label
      >
      <label class="tick"><input type="checkbox" bind:checked={turned} /> inverted</label>
    {/if}
    <label
      >As
      <select class="entry" bind:value={form}
        >{#each forms as [id, label] (id)}<option value={id}>{label}</option>{/each}</select
      ></label
    >
    {#if form === 'VOLTS'}
      <label
        >Noise, V
        <NumberEntry unit="V" class="entry reading" min={0} max={5} bind:value={noiseV} /></label
      >
    {/if}
  </div>
  <Notice text={error || of.error} />
  <p class="do">
    <button class="act" type="submit" disabled={craft !== '' && pads.length === 0}>Read it</button>
    <a href={made} download>Keep the file</a>
  </p>
</form>

<style>
  .makes {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem 1rem;
    align-items: end;
  }

  .makes label {
    display: grid;
    gap: 0.2rem;
  }

  .makes :global(input[type='text']) {
    width: 6rem;
  }

  .makes .fault {
    max-width: 20rem;
  }

  .makes .tick {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 44px;
  }

  .do {
    display: flex;
    gap: 1.2rem;
    align-items: center;
    margin-top: 0.7rem;
  }
</style>
