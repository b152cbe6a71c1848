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
  title="Heat of a transmitter"
  text="What it does not send becomes heat. On a still bench it has nowhere to go; in flight the air takes it."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField
      id="milliwatts"
      label="Power, mW"
      bind:value={milliwatts}
      hint="25 on the bench, as a rule"
    />
    <NumberField id="around" label="Air about it, °C" bind:value={aroundC} />
    <p class="caution">Antenna on before power. Too hot to touch means off.</p>
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      <p>
        <span class="reading">{a.watts.toFixed(1)} W</span> become heat; at {a.shutsC.toFixed(0)} °C it shuts itself
        down.
      </p>
      <dl>
        {#each a.airs as air (air.air)}
          <dt>{air.label}</dt>
          <dd class:hot={air.soonest !== undefined && air.soonest !== null}>
            <span class="figure">{air.endC.toFixed(0)} °C</span> in the end; {air.said}
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
      <p class="small">
        Resistances to the air differ from craft to craft by a quarter; that is where the ranges come from.
      </p>
    {/if}
  {/snippet}
</Paper>

<style>
  .hot {
    color: var(--danger);
    font-weight: 700;
  }
</style>
