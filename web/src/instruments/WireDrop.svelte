<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['WireDropAnswer']>();
  let gaugeAwg = $state<number | null>(16);
  let lengthMm = $state<number | null>(80);
  let currentA = $state<number | null>(20);
  let temperatureC = $state<number | null>(20);
  let mostDropV = $state<number | null>(0.1);

  $effect(() => {
    const body = {
      gaugeAwg: Math.round(gaugeAwg ?? 0),
      lengthMm: lengthMm ?? 0,
      currentA: currentA ?? 0,
      temperatureC: temperatureC ?? 0,
      mostDropV: mostDropV ?? 0
    };
    void solved.load(() => ask(api.POST('/api/instruments/lead-drop', { body })));
  });
</script>

<Paper
  title="Wire drop"
  text="Two wires of copper, there and back (IEC 60028, ASTM B258)."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="gauge" label="Gauge, AWG" bind:value={gaugeAwg} />
    <NumberField id="length" label="Length one way, mm" bind:value={lengthMm} />
    <NumberField id="amps" label="Current, A" bind:value={currentA} />
    <NumberField id="celsius" label="Copper at, °C" bind:value={temperatureC} />
    <NumberField id="most" label="Drop that is allowed, V" bind:value={mostDropV} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      <dl>
        <dt>Drop</dt>
        <dd class="reading">{a.dropV.toFixed(3)} V</dd>
        <dt>Resistance, both wires</dt>
        <dd class="reading">{a.resistanceMohm.toFixed(2)} mΩ</dd>
        <dt>Heat</dt>
        <dd class="reading">{a.heatW.toFixed(2)} W</dd>
        <dt>Wire</dt>
        <dd class="reading">{a.diameterMm.toFixed(2)} mm, {a.areaMm2.toFixed(2)} mm²</dd>
        <dt>Thinnest that will do</dt>
        <dd class="reading">
          {#if a.thinnestAwg === undefined}none: shorten the wire, or use two in parallel{:else}AWG {a.thinnestAwg}{/if}
        </dd>
      </dl>
    {/if}
  {/snippet}
</Paper>
