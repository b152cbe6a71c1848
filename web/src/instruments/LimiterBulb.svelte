<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['BulbAnswer']>();
  let batteryV = $state<number | null>(16.4);
  let bulbV = $state<number | null>(24);
  let bulbW = $state<number | null>(21);
  let craftOhm = $state<number | null>(15);

  $effect(() => {
    const body = { batteryV: batteryV ?? 0, bulbV: bulbV ?? 0, bulbW: bulbW ?? 0, craftOhm: craftOhm ?? 0 };
    void solved.load(() => ask(api.POST('/api/instruments/limiter-bulb', { body })));
  });
</script>

<Paper
  title="Limiter bulb"
  text="A bulb in series with the battery. At plug-in it glows while capacitors charge; what counts is how it settles."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="pack" label="Battery, V" bind:value={batteryV} />
    <NumberField id="bulb-v" label="Bulb, rated V" bind:value={bulbV} />
    <NumberField id="bulb-w" label="Bulb, rated W" bind:value={bulbW} />
    <NumberField id="craft" label="Craft behind it, ohm" bind:value={craftOhm} hint="0 is a dead short" />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      {#if a.fitness === 'BURNS_OUT'}
        <p class="caution">
          Not this bulb on this battery: a dead short puts {a.shortW.toFixed(0)} W into it, and a burnt-out bulb
          stays dark, just as with a sound craft. Put {a.series} alike in series, or use one of a higher voltage.
        </p>
      {:else if a.fitness === 'STAYS_DARK'}
        <p class="caution">
          Not this bulb on this battery: it stays dark even on a dead short. Use one whose rated voltage is
          near the battery's.
        </p>
      {/if}
      <dl>
        <dt>The bulb settles</dt>
        <dd class="reading">{a.look}</dd>
        <dt>Current</dt>
        <dd class="reading">{a.currentA.toFixed(2)} A</dd>
        <dt>Left for the craft</dt>
        <dd class="reading">{a.craftV.toFixed(1)} V</dd>
        {#each a.beside as one, i (i)}
          <dt>With {one.what}</dt>
          <dd>{one.look}, <span class="figure">{one.currentA.toFixed(2)} A</span></dd>
        {/each}
      </dl>
    {/if}
  {/snippet}
</Paper>
