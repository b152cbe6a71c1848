<script lang="ts">
  import StepsInLine from '../shared/StepsInLine.svelte';
  import { onMount, untrack } from 'svelte';
  import { navigate, route } from '../navigation';
  import Answer from '../shared/answer/Answer.svelte';
  import { answerKeys } from '../shared/answer/answer.svelte';
  import { keys } from '../shared/keys.svelte';
  import Conflict from '../shared/Conflict.svelte';
  import Notice from '../shared/Notice.svelte';
  import { day, minutes, sentence } from '../shared/words';
  import { SetUpState } from './setUp.svelte';

  let mark = $derived(String(route.params.mark ?? ''));
  let work = $derived(new SetUpState(mark));

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

  async function workUp(): Promise<void> {
    const id = work.step ? await work.workUp(work.step) : undefined;
    if (id !== undefined) {
      navigate('/work-ups/:id', { params: { id: String(id) } });
    }
  }
</script>

<svelte:head><title>Set-up of {mark} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Set-up of <a href={`/crafts/${encodeURIComponent(mark)}`}>{mark}</a></h1>
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
        <ol class="steps" aria-label="Steps to do">
          {#each run.todo as one (one.id)}
            <li class:now={one.id === work.step?.id} class:failed={one.given !== undefined}>
              {#if one.bench.length > 0}<span class="small bench">{one.bench.join(', ')}</span>{/if}
              <button
                type="button"
                disabled={!one.ready}
                aria-current={one.id === work.step?.id ? 'step' : undefined}
                onclick={() => work.choose(one.id)}
              >
                {one.title}
                <span class="small">{minutes(one.minutes)}</span>
              </button>
            </li>
          {:else}
            <li>{run.waiting.length > 0 ? 'Every other step waits.' : 'Every step is passed.'}</li>
          {/each}
        </ol>
        <div class="card" aria-live="polite">
          {#if run.conflicts.length > 0}
            <h2>First: the record can’t be right</h2>
            <p class="small">
              A step passes when it shows what a sound craft shows. While the record contradicts itself, no
              reading can pass. Look at the craft, then fix it or correct the record.
            </p>
            {#each run.conflicts as one (one.id)}
              <Conflict
                {mark}
                conflict={one}
                busy={work.busy}
                onsettle={(way, made) => void work.settle(one.id, way, made)}
              />
            {/each}
          {/if}
          {#if work.step}
            {@const step = work.step}
            <p class="small">{step.why}</p>
            <h2>{step.title}</h2>
            {#if step.bench.length > 0}
              <p>First: <strong>{step.bench.join(', ')}</strong>.</p>
            {/if}
            {#if run.routineDue}
              <p class="caution">
                The battery goes in for this, and the <a href={`/crafts/${encodeURIComponent(mark)}/routine`}
                  >pre-power checks</a
                > is due.
              </p>
            {/if}
            <StepsInLine steps={step.instruction} {mark} />
            <p>It should give <strong class="figure">{step.expected}</strong></p>
            {#if step.given}
              <div class="astray">
                <p>
                  It gave <strong>{step.given.join(', ')}</strong>. It should not. Find out why, then repeat
                  it.
                </p>
                <button class="act" type="button" disabled={work.busy} onclick={() => void workUp()}
                  >Open a work-up with all readings so far</button
                >
              </div>
            {/if}
            <form
              onsubmit={(event) => {
                event.preventDefault();
                void work.give();
              }}
            >
              <Answer answer={work.answer} asked={step} />
              <p>
                <button class="act" disabled={!work.complete || work.busy}>Record <kbd>Enter</kbd></button>
              </p>
            </form>
          {:else if run.waiting.length > 0}
            <h2>The rest waits</h2>
            <p>Nothing more can be done until what is under Waiting is settled.</p>
          {:else}
            <h2>All of it passed</h2>
            <p>The chart shows what is due after this.</p>
            <p><button class="act" onclick={() => void work.end('')}>Save to the chart</button></p>
          {/if}
        </div>
      </div>
      <div class="rest">
        <div>
          <h2>Passed</h2>
          <ul>
            {#each run.passed as one (one.reading.checkId)}
              <li>{one.title} <span class="small">{one.given.join(', ')}</span></li>
            {:else}
              <li class="small">Nothing yet.</li>
            {/each}
          </ul>
        </div>
        {#if run.waiting.length > 0}
          <div>
            <h2>Waiting</h2>
            <ul>
              {#each run.waiting as one (one.id)}
                <li>{one.title} <span class="small">{one.why}</span></li>
              {/each}
            </ul>
          </div>
        {/if}
        <div>
          <h2>Left out</h2>
          <ul>
            {#each run.leftOut as one (one.id)}
              <li>{one.why} <span class="small">{one.reason}</span></li>
            {/each}
          </ul>
        </div>
      </div>
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

  .steps li {
    border-bottom: 1px solid var(--rule);
    padding: 0.2rem 0;
  }

  .steps button {
    display: flex;
    justify-content: space-between;
    gap: 0.8rem;
    width: 100%;
    min-height: 40px;
    align-items: center;
    text-align: left;
    line-height: 1.25;
  }

  .steps button:disabled {
    color: var(--soft);
  }

  .steps .small {
    white-space: nowrap;
  }

  .bench {
    display: block;
    white-space: normal !important;
    border-left: 3px solid var(--slate);
    padding-left: 0.5rem;
    margin: 0.2rem 0;
  }

  .now button {
    font-weight: 700;
    color: var(--ink);
  }

  .failed button {
    color: var(--danger);
  }

  .card {
    background: var(--card);
    border: 1px solid var(--rule);
    padding: 1rem 1.3rem 1.4rem;
    display: grid;
    gap: 0.8rem;
    position: sticky;
    top: 1rem;
  }

  form,
  .astray {
    display: grid;
    gap: 0.5rem;
  }

  .astray {
    border-left: 4px solid var(--danger);
    padding-left: 0.8rem;
    justify-items: start;
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

  .rest {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
    gap: 2rem;
    margin-bottom: 1rem;
  }

  .rest li {
    border-bottom: 1px solid var(--rule);
    padding: 0.3rem 0;
  }

  @media (max-width: 800px) {
    .two,
    .rest {
      grid-template-columns: 1fr;
    }

    .card {
      position: static;
    }
  }
</style>
