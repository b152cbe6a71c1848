<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';
  import Plot from './Plot.svelte';

  const solved = new Loading<Schemas['HeatAnswer']>();
  let milliwatts = $state<number | null>(600);
  let aroundC = $state<number | null>(22);

  $effect(() => {
    const body = { milliwatts: milliwatts ?? 0, aroundC: aroundC ?? 22 };
    void solved.load(() => ask(api.POST('/api/instruments/video-heat', { body })));
  });
</script>

<Paper
  title="VTX temperature"
  text="What it doesn’t send becomes heat. On the bench, without airflow, the heat has nowhere to go; in flight the air takes it away."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="milliwatts" label="Power, mW" bind:value={milliwatts} hint="usually 25 on the bench" />
    <NumberField id="around" label="Air temperature, °C" bind:value={aroundC} />
    <p class="caution">Antenna on before power. Too hot to touch: switch it off.</p>
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      <p>
        <span class="reading">{a.watts.toFixed(1)} W</span> of heat; it shuts down at {a.shutsC.toFixed(0)} °C.
      </p>
      <dl>
        {#each a.airs as air (air.air)}
          <dt>{air.label}</dt>
          <dd class:hot={air.soonest !== undefined && air.soonest !== null}>
            <span class="figure">{air.endC.toFixed(0)} °C</span> when settled; {air.said}
          </dd>
        {/each}
      </dl>
      <Plot
        across="minutes"
        x={a.airs[0]!.curve.map((_, minute) => minute)}
        up="°C"
        unit=" °C"
        label="Temperature over the minutes"
        lines={[
          ...a.airs.map((air) => ({ label: air.label, y: air.curve })),
          { label: 'shuts down', y: a.airs[0]!.curve.map(() => a.shutsC) }
        ]}
      />
      <p class="small">Cooling differs from craft to craft by a quarter; that is why these are ranges.</p>
    {/if}
  {/snippet}
</Paper>

<style>
  .hot {
    color: var(--danger);
    font-weight: 700;
  }
</style>
