<script lang="ts">
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import CraftPicker from './CraftPicker.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['BudgetAnswer']>();
  let craftId = $state(String(searchParams.get('craft') ?? ''));

  $effect(() => {
    const chosen = craftId;
    if (chosen) {
      void solved.load(() => ask(api.POST('/api/instruments/rail-budget', { body: { craftId: chosen } })));
    }
  });
</script>

<Paper
  title={`Rail budget${craftId ? ` of ${craftId}` : ''}`}
  text="Battery in, everything on, motors stopped. A fifth of each regulator's rating stays free."
  error={solved.error}
>
  {#snippet asked()}
    <CraftPicker bind:craftId />
    {#if solved.value}
      {#each solved.value.missing as text, i (i)}<p class="small missing">{text}</p>{/each}
      {#if solved.value.fromUsb.length > 0}
        <p>On USB power alone these run: {solved.value.fromUsb.join(', ')}.</p>
      {/if}
    {/if}
  {/snippet}
  {#snippet answer()}
    {#each solved.value?.rails ?? [] as rail (rail.name)}
      <div class="rail">
        <h2>{rail.name}</h2>
        <p class="bar" aria-hidden="true">
          <span
            style:width={`${Math.min(100, (100 * rail.givesA) / rail.limitA)}%`}
            class:over={rail.spareA < 0}
          ></span>
        </p>
        <p>
          gives <span class="reading">{rail.givesA.toFixed(2)} A</span> of
          <span class="reading">{rail.limitA.toFixed(1)} A</span>;
          {#if rail.spareA >= 0}<span class="reading">{rail.spareA.toFixed(2)} A</span> to spare
          {:else}<strong class="over-word">{(-rail.spareA).toFixed(2)} A over the budget</strong>{/if}; is at
          <span class="reading">{rail.givesV.toFixed(2)} V</span>
        </p>
        <ul>
          {#each rail.parts as part (part.part)}
            <li>
              <span>{part.part}{part.fromUsb ? ', also from the computer' : ''}</span>
              <span class="figure">{part.amps.toFixed(2)} A</span>
            </li>
          {/each}
          {#each rail.poor as one (one.part)}
            <li class="small">
              <span
                >a {one.part} at its worst-case current, {one.amps.toFixed(2)} A: the rail gives {one.givesA.toFixed(
                  2
                )} A and {#if one.holds}holds{:else}<strong>falls to {one.givesV.toFixed(1)} V</strong
                  >{/if}</span
              >
            </li>
          {/each}
        </ul>
      </div>
    {:else}
      <p class="small">{craftId ? 'No regulator is entered for this craft.' : 'Choose a craft.'}</p>
    {/each}
  {/snippet}
</Paper>

<style>
  .bar {
    height: 10px;
    border: 1px solid var(--soft);
    max-width: 26rem;
    position: relative;
  }

  .bar span {
    display: block;
    height: 100%;
    background: var(--act);
  }

  .bar .over {
    background: var(--danger);
  }

  .over-word {
    color: var(--danger);
  }

  li {
    display: flex;
    justify-content: space-between;
    max-width: 34rem;
    border-bottom: 1px solid var(--rule);
    padding: 0.2rem 0;
  }

  .missing {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.7rem;
  }
</style>
