<script lang="ts">
  import SetUpCard from './SetUpCard.svelte';
  import SetUpRest from './SetUpRest.svelte';
  import SetUpSteps from './SetUpSteps.svelte';
  import { onMount, untrack } from 'svelte';
  import { route } from '../navigation';
  import { answerKeys } from '../shared/answer/answer.svelte';
  import { keys } from '../shared/keys.svelte';
  import Notice from '../shared/Notice.svelte';
  import { day, minutes, sentence } from '../shared/words';
  import { SetUpState } from './setUp.svelte';

  let craftId = $derived(String(route.params.craftId ?? ''));
  let work = $derived(new SetUpState(craftId));

  $effect(() => {
    const current = work;
    untrack(() => void current.load());
  });

  onMount(() =>
    keys.add([
      ...answerKeys('Answer the step by the key of an outcome, or begin by that of an occasion', (key) =>
        work.view?.run ? work.answer.press(key) : begin(Number(key) - 1)
      ),
      { key: 'Enter', label: 'Record the step', run: () => void work.give() }
    ])
  );

  function begin(i: number): void {
    const occasion = work.view?.occasions[i];
    if (occasion) {
      void work.begin(occasion.id);
    }
  }
</script>

<svelte:head><title>Set-up of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Set-up of <a href={`/crafts/${encodeURIComponent(craftId)}`}>{craftId}</a></h1>
  <Notice text={work.error} />
  {#if work.view}
    {@const view = work.view}
    {#if view.run}
      {@const run = view.run}
      <p class="small">
        {sentence(run.label)} · {run.passed.length} of {run.passed.length +
          run.todo.length +
          run.waiting.length} steps passed ·
        {minutes(run.minutes)} to go. In the order that takes the least time, each step after those it depends on.
      </p>
      <div class="two">
        <SetUpSteps {work} {run} />
        <SetUpCard {work} {run} />
      </div>
      <SetUpRest {run} />
      {#if run.todo.length + run.waiting.length > 0}
        <p>
          <button class="plain" onclick={() => void work.end('broken off')}>End it with steps open</button>
        </p>
      {/if}
    {:else}
      <p>What is it for? Steps that aren’t needed are left out and listed.</p>
      <ol class="occasions">
        {#each view.occasions as one, i (one.id)}
          <li>
            <button type="button" disabled={work.busy} onclick={() => begin(i)}>
              <kbd>{i + 1}</kbd>
              <span>{sentence(one.label)}</span>
              <span class="small">{one.steps} steps, {minutes(one.minutes)}</span>
            </button>
          </li>
        {/each}
      </ol>
    {/if}
    {#each view.ended as one (one.endedAt)}
      <p class="small">{sentence(one.label)}: ended {day(one.endedAt)}, {one.passed} steps passed.</p>
    {/each}
  {:else if !work.error}
    <p class="small">Putting the steps in order…</p>
  {/if}
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(17rem, 24rem) minmax(0, 1fr);
    gap: 2rem;
    margin: 1rem 0 1.6rem;
    align-items: start;
  }

  .occasions {
    max-width: 34rem;
    margin: 1rem 0;
  }

  .occasions button {
    display: grid;
    grid-template-columns: 2rem 1fr auto;
    gap: 0.8rem;
    width: 100%;
    min-height: 48px;
    align-items: center;
    text-align: left;
    border-bottom: 1px solid var(--rule);
  }

  @media (max-width: 800px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
