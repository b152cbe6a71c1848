<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import { percent } from '../shared/words';
  import { OpenedFor } from './craft.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const opened = new OpenedFor();
  const solved = new Loading<Schemas['ScaleAnswer']>();
  let scale = $state<number | null>(11);
  let one = $state<{ meterV: number | null; shownV: number | null }>({ meterV: null, shownV: null });
  let other = $state<{ meterV: number | null; shownV: number | null }>({ meterV: null, shownV: null });

  onMount(async () => {
    await opened.load();
    scale = Number(opened.told('voltage-scale') ?? scale);
  });

  $effect(() => {
    const readings = [one, other]
      .filter((r) => r.meterV !== null && r.shownV !== null)
      .map((r) => ({ meterV: r.meterV!, shownV: r.shownV! }));
    const body = { craftId: opened.craftId || undefined, readings, scale: scale ?? 0 };
    if (readings.length > 0) {
      void solved.load(() => ask(api.POST('/api/instruments/scale-from-readings', { body })));
    }
  });
</script>

<Paper
  title={`Scale from readings${opened.craftId ? ` of ${opened.craftId}` : ''}`}
  text="The meter at the battery leads and the shown voltage at the same moment. A scale needs a second reading at another battery voltage."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="scale" label="Scale that is set" bind:value={scale} />
    <h2>One battery</h2>
    <NumberField id="meter-1" label="Meter, V" bind:value={one.meterV} />
    <NumberField id="shown-1" label="Shown, V" bind:value={one.shownV} />
    <h2>Another, well apart</h2>
    <NumberField id="meter-2" label="Meter, V" bind:value={other.meterV} />
    <NumberField id="shown-2" label="Shown, V" bind:value={other.shownV} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      {#if a.advice}<p class="advice">{a.advice}</p>{/if}
      {#if a.newScale}
        <p>
          Enter the scale <strong class="reading">{a.newScale.value.toFixed(3)}</strong>
          <span class="small figure">± {a.newScale.plusMinus.toFixed(3)}</span>
        </p>
      {/if}
      {#if a.offsetV}
        <p>
          At a battery voltage of zero it would show <span class="reading"
            >{a.offsetV.value.toFixed(2)} V</span
          >
          <span class="small figure">± {a.offsetV.plusMinus.toFixed(2)}</span>
        </p>
      {/if}
      <h2>What is behind it</h2>
      <ol>
        {#each a.causes as cause, i (i)}
          <li>
            <span>{cause.what}</span>
            <span class="small">{cause.why}</span>
            <span class="figure">{percent(cause.belief)}</span>
          </li>
        {/each}
      </ol>
      <p class="small">The percentage is how likely it is, from these readings alone.</p>
    {:else}
      <p class="small">Enter a reading.</p>
    {/if}
  {/snippet}
</Paper>

<style>
  li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 1rem;
    padding: 0.35rem 0;
    border-bottom: 1px solid var(--rule);
  }

  li .small {
    grid-row: 2;
  }

  .advice {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.8rem;
    font-weight: 700;
  }
</style>
