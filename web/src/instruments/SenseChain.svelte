<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import { OpenedFor } from './craft.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const opened = new OpenedFor();
  const solved = new Loading<Schemas['ChainAnswer']>();
  let batteryV = $state<number | null>(16.4);
  let topOhm = $state<number | null>(10000);
  let bottomOhm = $state<number | null>(1000);
  let percentOff = $state<number | null>(1);
  let scale = $state<number | null>(11);

  onMount(async () => {
    await opened.load();
    scale = Number(opened.told('voltage-scale') ?? scale);
  });

  $effect(() => {
    const body = {
      batteryV: batteryV ?? 0,
      topOhm: topOhm ?? 0,
      bottomOhm: bottomOhm ?? 0,
      tolerance: (percentOff ?? 0) / 100,
      scale: scale ?? 0
    };
    void solved.load(() => ask(api.POST('/api/instruments/sense-chain', { body })));
  });
</script>

<Paper
  title={`Sense chain${opened.craftId ? ` of ${opened.craftId}` : ''}`}
  text="Battery, divider, converter of 12 bit at 3.3 V, scale, screen."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="pack" label="Battery at the sense pad, V" bind:value={batteryV} />
    <NumberField id="top" label="Upper resistor, ohm" bind:value={topOhm} />
    <NumberField id="bottom" label="Lower resistor, ohm" bind:value={bottomOhm} />
    <NumberField id="tolerance" label="Resistors within, %" bind:value={percentOff} />
    <NumberField id="scale" label="Configured scale" bind:value={scale} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      <dl>
        <dt>At the converter</dt>
        <dd class="reading">{a.converterV.toFixed(3)} V{a.clipped ? ', at its limit' : ''}</dd>
        <dt>Step of 4096</dt>
        <dd class="reading">{a.step}</dd>
        <dt>Shown</dt>
        <dd class="reading">
          {a.shownV.toFixed(2)} V <span class="small">± {a.shownPlusMinusV.toFixed(2)} by the resistors</span>
        </dd>
        <dt>Most that it can show</dt>
        <dd class="reading">{a.fullScaleV.toFixed(1)} V</dd>
        <dt>One step is</dt>
        <dd class="reading">{(a.stepV * 1000).toFixed(1)} mV</dd>
        <dt>Scale that suits the divider</dt>
        <dd class="reading">{a.rightScale.toFixed(3)}</dd>
        <dt>Least upper resistor for it</dt>
        <dd class="reading">{a.leastTopOhm.toFixed(0)} Ω <span class="small">of the E96 series</span></dd>
      </dl>
      {#if a.killsPin}
        <p class="caution">
          {a.pinV.toFixed(1)} V would be at the ADC pin: that destroys it. Do not connect the battery; a 3.3 V pin
          takes 3.6 V at most. The upper resistor is at least {a.leastTopOhm.toFixed(0)} Ω.
        </p>
      {:else if a.clipped}<p>
          The converter is at its limit: it shows the same for every higher battery voltage.
        </p>{/if}
    {/if}
  {/snippet}
</Paper>
