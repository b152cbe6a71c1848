<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const meter = new Loading<Schemas['Meter']>();
  let error = $state('');
  let kept = $state(false);
  let counts = $state<number | null>(null);
  let voltsPercent = $state<number | null>(null);
  let voltsDigits = $state<number | null>(null);
  let ohmsPercent = $state<number | null>(null);
  let ohmsDigits = $state<number | null>(null);
  let leadOhms = $state<number | null>(null);
  let highestMegohm = $state<number | null>(null);
  let testVolts = $state<number | null>(null);

  function show(m: Schemas['Meter']): void {
    counts = m.counts;
    voltsPercent = +(m.voltsShare * 100).toFixed(4);
    voltsDigits = m.voltsDigits;
    ohmsPercent = +(m.ohmsShare * 100).toFixed(4);
    ohmsDigits = m.ohmsDigits;
    leadOhms = m.leadOhms;
    highestMegohm = m.highestOhms / 1e6;
    testVolts = m.testVolts;
  }

  onMount(async () => {
    await meter.load(() => ask(api.GET('/api/meter')));
    if (meter.value) {
      show(meter.value);
    }
  });

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    error = '';
    kept = false;
    try {
      show(
        await ask(
          api.PUT('/api/meter', {
            body: {
              counts: Math.round(counts ?? 0),
              voltsShare: (voltsPercent ?? 0) / 100,
              voltsDigits: Math.round(voltsDigits ?? 0),
              ohmsShare: (ohmsPercent ?? 0) / 100,
              ohmsDigits: Math.round(ohmsDigits ?? 0),
              leadOhms: leadOhms ?? 0,
              highestOhms: (highestMegohm ?? 0) * 1e6,
              testVolts: testVolts ?? 0
            }
          })
        )
      );
      kept = true;
    } catch (thrown) {
      error = words(thrown);
    }
  }
</script>

<Paper
  title="Your meter"
  text="As its booklet has it. Every reading that is predicted goes through it."
  error={meter.error || error}
>
  {#snippet asked()}
    <form onsubmit={keep}>
      <NumberField id="counts" label="Counts of the display" bind:value={counts} hint="such as 6000" />
      <NumberField id="volts" label="DC volts, ± % of the reading" bind:value={voltsPercent} />
      <NumberField id="volts-digits" label="and steps of the last digit" bind:value={voltsDigits} />
      <NumberField id="ohms" label="Ohms, ± % of the reading" bind:value={ohmsPercent} />
      <NumberField id="ohms-digits" label="and steps of the last digit" bind:value={ohmsDigits} />
      <NumberField
        id="leads"
        label="Test leads together, ohm"
        bind:value={leadOhms}
        hint="touch the tips together and read"
      />
      <NumberField id="highest" label="Shows OL above, megohm" bind:value={highestMegohm} />
      <NumberField id="test" label="Test voltage on ohms, V" bind:value={testVolts} />
      <button class="act">Keep it</button>
    </form>
  {/snippet}
  {#snippet answer()}
    {#if kept}<p role="status"><strong>Kept.</strong> Predictions go through this meter from now on.</p>{/if}
    <p>
      Touch the tips together once a day: what it shows is the resistance of its test leads, and it belongs on
      every low reading. Enter readings as the display shows them, leads included.
    </p>
    <p class="small">
      The usual values shipped here (± 0.5 % + 2 on volts, ± 0.8 % + 3 on ohms) are from memory. A test
      voltage above half a volt opens junctions, so that a reversed controller shows as some kilohms.
    </p>
  {/snippet}
</Paper>

<style>
  form {
    display: grid;
    gap: 0.7rem;
  }

  button {
    justify-self: start;
  }
</style>
