<script lang="ts">
  import ConventionPick from './ConventionPick.svelte';
  import RoutineSteps from './RoutineSteps.svelte';
  import StepsInLine from '../shared/StepsInLine.svelte';
  import { onMount, untrack } from 'svelte';
  import { searchParams } from 'sv-router';
  import { navigate, route } from '../navigation';
  import { answerKeys } from '../shared/answer/answer.svelte';
  import { keys } from '../shared/keys.svelte';
  import Notice from '../shared/Notice.svelte';
  import Place from '../shared/Place.svelte';
  import { minutes, moment } from '../shared/words';
  import { RESERVED, RoutineState } from './state.svelte';
  import StepEntry from './StepEntry.svelte';

  let craftId = $derived(String(route.params.craftId ?? ''));
  let work = $derived(new RoutineState(craftId));
  let back = String(searchParams.get('back') ?? '');
  let leaving = $derived(back ? `/work-ups/${back}` : `/crafts/${encodeURIComponent(craftId)}`);

  $effect(() => {
    const current = work;
    untrack(() => void current.load());
  });

  onMount(() =>
    keys.add([
      ...answerKeys('Choose an outcome by its key', (key) => work.press(key), RESERVED),
      {
        key: 'Enter',
        label: 'Record the step, or put the run on the chart',
        run: () => void (work.finished ? keep() : work.give())
      },
      { key: 'u', label: 'Back to the step before', run: () => work.back() }
    ])
  );

  async function keep(): Promise<void> {
    if (await work.keep()) {
      if (back) {
        navigate('/work-ups/:id', { params: { id: back } });
      } else {
        navigate('/crafts/:craftId', { params: { craftId } });
      }
    }
  }
</script>

<svelte:head><title>Pre-power checks of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Pre-power checks of <a href={leaving}>{craftId}</a></h1>
  <Notice text={work.error} />
  {#if work.view}
    {@const view = work.view}
    {#if view.destroyed.length > 0}
      <div class="card stop">
        <h2>No battery in</h2>
        {#each view.destroyed as why, i (i)}<p class="caution">{why}</p>{/each}
        <p>
          <a class="act" href={`/crafts/${encodeURIComponent(craftId)}/wiring`}>Fix the wiring</a>
        </p>
      </div>
    {:else}
      <p class="small">
        {#if view.state === 'PASSED'}Passed {moment(view.newest!.at)}.
        {:else if view.state === 'FAILED'}Failed {moment(view.newest!.at)}.
        {:else}Due: {view.why}.{/if}
        {view.steps.length} steps, about {minutes(view.minutes)}. It unlocks every check that needs the
        battery.
      </p>
      <ConventionPick {work} {view} />
      <div class="two">
        <RoutineSteps {work} {view} />
        <div class="card" aria-live="polite">
          {#if work.finished}
            {#if work.failed}
              {@const bad = view.steps.find((s) => s.id === work.failed)!}
              <h2>It does not pass</h2>
              <p>
                <strong>{bad.title}</strong>: expected {bad.expected}. Do not power it. Save the run to the
                chart, then open a work-up.
              </p>
            {:else}
              <h2>All of it passes</h2>
              <p>No shorts, no crossed wires, rail voltages right.</p>
            {/if}
            <p class="do">
              <button class="act" disabled={work.busy} onclick={() => void keep()}
                >Save to the chart <kbd>Enter</kbd></button
              >
              <button class="quiet" onclick={() => work.back()}>Back one step <kbd>u</kbd></button>
              {#if work.failed}
                <a class="quiet" href={`/work-ups/new?craft=${encodeURIComponent(craftId)}&kind=shorts`}
                  >Start a work-up</a
                >
              {/if}
            </p>
          {:else if work.step}
            {@const step = work.step}
            <p class="small">Step {work.at + 1} of {view.steps.length}{step.powered ? ' · power on' : ''}</p>
            <h2>{step.title}</h2>
            {#if step.powered}
              <p class="caution">Props off. Hand on the plug: pull the battery at any heat, glow or smell.</p>
            {/if}
            <StepsInLine steps={step.instruction} {craftId} />
            {#if step.waits}
              <p class="caution">{step.waits}</p>
              <p>
                <a href={`/crafts/${encodeURIComponent(craftId)}`}>Settle it on the chart</a>, then go on
                here.
              </p>
            {:else}
              <p>Expect <strong class="reading">{step.expected}</strong></p>
              <Place place={step.place} map={view.map} label={step.title} />
              <StepEntry {work} {step} />
            {/if}
          {/if}
        </div>
      </div>
    {/if}
    {#each view.cautions as caution, i (i)}<p class="small">{caution}</p>{/each}
  {/if}
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(15rem, 21rem) minmax(0, 1fr);
    gap: 2rem;
    margin: 1rem 0;
    align-items: start;
  }

  .stop {
    margin: 1rem 0;
  }

  .card {
    background: var(--card);
    border: 1px solid var(--rule);
    padding: 1rem 1.3rem 1.5rem;
    display: grid;
    gap: 0.8rem;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
