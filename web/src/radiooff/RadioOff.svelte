<script lang="ts">
  import RadioOffSteps from './RadioOffSteps.svelte';
  import { onMount, untrack } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { navigate, route } from '../navigation';
  import Answer from '../shared/answer/Answer.svelte';
  import { answerKeys, AnswerState } from '../shared/answer/answer.svelte';
  import { keys } from '../shared/keys.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import PropsOff from '../shared/PropsOff.svelte';
  import { moment } from '../shared/words';

  const WORKS: Record<Schemas['StageJudged']['works'], string> = {
    AS_SET: 'works as set',
    NOT: 'does not',
    UNSEEN: 'not seen'
  };
  const view = new Loading<Schemas['RadioOffView']>();
  const judged = new Loading<Schemas['RadioOffJudged']>();
  let craftId = $derived(String(route.params.craftId ?? ''));
  let error = $state('');
  let busy = $state(false);
  let propsOff = $state(false);

  $effect(() => {
    const current = craftId;
    untrack(
      () =>
        void view.load(() =>
          ask(api.GET('/api/crafts/{craftId}/radio-off', { params: { path: { craftId: current } } }))
        )
    );
  });

  /** The motors that go on end after no time. */
  const answer: AnswerState = new AnswerState(
    () =>
      view.value && {
        questions: view.value.questions.filter((one) => !one.scale || answer.picks.does !== 'on')
      }
  );
  let does = $derived(answer.picks.does ?? '');
  let seen = $derived.by(() => {
    const after = (answer.written.after ?? '').trim();
    return { outcomes: { does }, ...(after && does !== 'on' ? { after } : {}) };
  });

  $effect(() => {
    const body = $state.snapshot(seen);
    if (does) {
      void judged.load(() =>
        ask(api.POST('/api/crafts/{craftId}/radio-off/judge', { params: { path: { craftId } }, body }))
      );
    }
  });

  onMount(() =>
    keys.add([
      ...answerKeys('What the motors did, by its key', (key) => answer.press(key)),
      { key: 'Enter', label: 'Put the test on the chart', run: () => void keep() }
    ])
  );

  async function keep(): Promise<void> {
    if (!does || !propsOff || busy) {
      return;
    }
    busy = true;
    error = '';
    try {
      await ask(
        api.POST('/api/crafts/{craftId}/radio-off', {
          params: { path: { craftId } },
          body: { ...$state.snapshot(seen), propsOff }
        })
      );
      navigate('/crafts/:craftId', { params: { craftId } });
    } catch (thrown) {
      error = words(thrown);
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>Radio-off test of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Radio-off test of <a href={`/crafts/${encodeURIComponent(craftId)}`}>{craftId}</a></h1>
  <Notice text={view.error || error} />
  {#if view.value}
    {@const v = view.value}
    <p class="small">
      {#if v.state === 'PASSED'}Passed {moment(v.testedAt!)}.
      {:else if v.state === 'FAILED'}Not passed {moment(v.testedAt!)}.
      {:else}Due: {v.why}.{/if}
      Due again after any change of radio, receiver, firmware or settings.
    </p>
    <div class="two">
      <RadioOffSteps test={v} {craftId} />
      {#if v.blocked}
        <div class="card">
          <h2>Not yet</h2>
          <p class="caution">{v.blocked}</p>
          <p>
            <a href={`/crafts/${encodeURIComponent(craftId)}/routine`}>Pre-power checks</a> ·
            <a href={`/crafts/${encodeURIComponent(craftId)}`}>Chart</a>
          </p>
        </div>
      {:else}<form
          class="card"
          onsubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <Answer {answer} asked={{ questions: answer.questions }} name="after" />
          <Notice text={judged.error} />
          {#if judged.value && does && !judged.error}
            <p class="big" aria-live="polite">{judged.value.passed ? 'It passes.' : 'It does not pass.'}</p>
            <dl>
              {#each judged.value.stages as stage (stage.name)}
                <dt>{stage.name}</dt>
                <dd class={stage.works}><strong>{WORKS[stage.works]}</strong> {stage.why}</dd>
              {/each}
            </dl>
            {#if !judged.value.passed}
              <p>
                <a href={`/work-ups/new?craft=${encodeURIComponent(craftId)}&kind=failsafe-wrong`}
                  >Start a work-up</a
                >
              </p>
            {/if}
          {/if}
          <PropsOff bind:off={propsOff} />
          <button class="act" disabled={!does || !propsOff || busy}>Save to the chart <kbd>Enter</kbd></button
          >
        </form>{/if}
    </div>
  {/if}
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1.1fr;
    gap: 2.2rem;
    margin-top: 1rem;
    align-items: start;
  }

  .card {
    background: var(--card);
    border: 1px solid var(--rule);
    padding: 1rem 1.3rem 1.3rem;
    display: grid;
    gap: 0.8rem;
  }

  .big {
    font-size: 1.2rem;
    font-weight: 700;
  }

  dt {
    color: var(--soft);
    margin-top: 0.4rem;
  }

  @media (max-width: 800px) {
    .two {
      grid-template-columns: 1fr;
    }
  }

  .NOT strong {
    color: var(--danger);
  }

  .AS_SET strong {
    color: var(--act);
  }
</style>
