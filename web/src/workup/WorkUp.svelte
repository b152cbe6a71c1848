<script lang="ts">
  import { zone } from '../transfer/transfer.svelte';
  import { onMount, untrack } from 'svelte';
  import { route } from '../navigation';
  import { answerKeys } from '../shared/answer/answer.svelte';
  import { keys } from '../shared/keys.svelte';
  import Locks from '../shared/Locks.svelte';
  import Notice from '../shared/Notice.svelte';
  import { minutes } from '../shared/words';
  import BenchLine from './BenchLine.svelte';
  import CheckPanel from './CheckPanel.svelte';
  import Closed from './Closed.svelte';
  import CloseSheet from './CloseSheet.svelte';
  import Findings from './Findings.svelte';
  import FixPanel from './FixPanel.svelte';
  import OtherChecks from './OtherChecks.svelte';
  import OwnSheet from './OwnSheet.svelte';
  import ProofPanel from './ProofPanel.svelte';
  import RecordConflicts from './RecordConflicts.svelte';
  import { follow } from './seats';
  import { RESERVED, WorkUpState } from './state.svelte';
  import Suspects from './Suspects.svelte';

  let id = $derived(Number(route.params.id));
  let work = $derived(new WorkUpState(id));
  let why = $state(false);
  let others = $state(false);
  let own = $state(false);
  let closing = $state(false);

  $effect(() => {
    const current = work;
    untrack(() => void current.load());
    return follow(current.id, (version) => void current.wentOn(version));
  });

  onMount(() =>
    keys.add([
      ...answerKeys('Choose an outcome by its key', press, RESERVED),
      { key: 'Escape', label: 'Leave the field, so that letters are keys again', run: () => {} },
      { key: 'Enter', label: 'Record', run: () => void work.record() },
      { key: 'd', label: 'How sure: sure, fairly, doubtful', run: () => work.nextSureness() },
      { key: 'b', label: 'The bench is ready', run: () => void work.benchReady() },
      { key: 'u', label: 'Undo the last entry', run: () => void work.takeBackLast() },
      { key: 's', label: 'Put this check aside', run: () => void work.skip() },
      { key: 'w', label: 'Why: what speaks for each suspect', run: () => (why = !why) },
      { key: 'o', label: 'Another check, out of turn', run: () => (others = true) },
      { key: 't', label: 'Own suspicion or own test', run: () => (own = true) },
      { key: 'f', label: 'How to fix the leading suspect', run: openFix },
      { key: 'c', label: 'Close the work-up', run: () => (closing = true) },
      {
        key: 'g c',
        label: "Go to the craft's chart",
        run: () => document.getElementById('to-chart')?.click()
      }
    ])
  );

  /** A digit belongs to the field where the card has one. */
  function press(key: string): void {
    work.press(key);
    document.getElementById('reading')?.focus();
  }

  function openFix(): void {
    const first = work.view?.suspects[0];
    if (first) {
      void work.openFix(first.faultId);
    }
  }
</script>

<svelte:head><title>{work.view?.mark ?? 'Work-up'} – Able Medic</title></svelte:head>

{#if work.view}
  {@const view = work.view}
  <div class="head">
    <div>
      <h1>
        <a id="to-chart" href={`/crafts/${encodeURIComponent(view.mark)}`}>{view.mark}</a>
        <span class="complaint">{view.complaint}</span>
      </h1>
      <p class="small">
        Work-up {view.id} · {view.occasion} · {minutes(view.minutes)} so far
      </p>
    </div>
    <span class="papers"
      ><a class="plain" href={`/api/work-ups/${view.id}/job-sheet?${zone()}`} target="_blank">Job sheet</a>
      <a class="plain" href={`/api/work-ups/${view.id}/readings.csv`} download={`readings-${view.id}.csv`}
        >Readings</a
      ></span
    >
    {#if view.stage !== 'CLOSED'}
      <button class="quiet" onclick={() => (closing = true)}>Close… <kbd>c</kbd></button>
    {/if}
  </div>
  <BenchLine {work} />
  {#if view.locks}<section class="locks" aria-label="What it waits for before it arms">
      <Locks locks={view.locks} />
    </section>{/if}
  <div class="card-layout">
    <section class="findings" aria-label="What is known"><Findings {work} /></section>
    <section class="next" aria-label="What to do next">
      <Notice text={work.error} />
      {#if work.ahead > 0}
        <p class="misfit">
          <strong>It was changed on another device.</strong> What you enter now would be refused.
          <button class="plain" onclick={() => void work.catchUp()}>Show it as it is now</button>
        </p>
      {/if}
      {#if view.complaintGone}<p class="misfit">{view.complaintGone}</p>{/if}
      {#each view.hazards as why, i (i)}<p class="caution destroyed">{why}</p>{/each}
      {#if view.stage === 'CLOSED'}
        <Closed {work} />
      {:else}
        {#each view.misfits as misfit (misfit.n)}
          <p class="misfit">
            <strong>Does not fit the rest:</strong>
            {misfit.title}: {misfit.said}. By all other findings it should be {misfit.expected}.
            <button class="plain" onclick={() => void work.openCheck(misfit.checkId)}>Look again</button>
          </p>
        {/each}
        <RecordConflicts {work} />
        {#if view.notYetFlown}<p class="caution destroyed">{view.notYetFlown}</p>{/if}
        {#if view.stage === 'PROVING'}
          <ProofPanel {work} onclose={() => (closing = true)} />
        {/if}
        {#if work.fix}
          <FixPanel {work} fix={work.fix} />
        {/if}
        {#if work.card}
          <CheckPanel {work} card={work.card} onothers={() => (others = true)} onown={() => (own = true)} />
        {:else if !work.fix && view.stage !== 'PROVING'}
          <h2>Stop: no check would tell more</h2>
          {#if view.suspects[0] && view.suspects[0].belief > view.notInBook.belief}
            <p>
              No open check distinguishes the suspects any further. Look at how to fix the most likely one (<kbd
                >f</kbd
              >), or enter a suspicion or test of your own (<kbd>t</kbd>).
            </p>
          {:else}
            <p>
              What is known here does not explain this craft. What then: a second pair of eyes on it; one
              suspected part exchanged for one that is known to be good, and what that did entered as your own
              test (<kbd>t</kbd>); or close it honestly as not found (<kbd>c</kbd>). It is not flown as it is.
            </p>
          {/if}
          <p class="after">
            <button class="act" onclick={openFix}>How to fix the leading suspect</button>
            <button class="quiet" onclick={() => (own = true)}>Own suspicion or test</button>
          </p>
        {/if}
      {/if}
    </section>
    <section class="suspects" aria-label="Suspects">
      <Suspects {work} {why} onwhy={() => (why = !why)} />
    </section>
  </div>
  <OtherChecks {work} open={others} onclose={() => (others = false)} />
  <OwnSheet {work} open={own} onclose={() => (own = false)} />
  <CloseSheet {work} open={closing} onclose={() => (closing = false)} />
{:else}
  <section class="page">
    <h1>Work-up</h1>
    <Notice text={work.error} />
    {#if !work.error}<p class="small">Reading the work-up…</p>{/if}
  </section>
{/if}

<style>
  .papers {
    display: flex;
    gap: 1.2rem;
    margin: 0 1.2rem 0 auto;
    white-space: nowrap;
  }

  .misfit {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.8rem;
    margin-bottom: 1rem;
  }

  .destroyed {
    margin-bottom: 1rem;
  }

  .head {
    display: flex;
    justify-content: space-between;
    align-items: start;
    gap: 1rem;
    padding: 0.9rem 1.5rem 0.4rem;
  }

  h1 {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.9rem;
    align-items: baseline;
    font-size: 1.45rem;
  }

  h1 a {
    letter-spacing: 0.04em;
  }

  .complaint {
    font-weight: 400;
  }

  .locks {
    padding: 0.4rem 1.5rem 0.6rem;
  }

  .card-layout {
    display: grid;
    grid-template-columns: minmax(13.5rem, 16.5rem) minmax(0, 1fr) minmax(17rem, 20rem);
    align-items: start;
  }

  section {
    padding: 1rem 1.3rem 3rem;
  }

  .card-layout > section {
    min-width: 0;
  }

  .findings {
    padding-left: 1.5rem;
  }

  .next {
    background: var(--card);
    border: 1px solid var(--rule);
    border-top: none;
    min-height: 60vh;
  }

  .after {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    margin-top: 1rem;
  }

  @media (max-width: 1100px) {
    .card-layout {
      grid-template-columns: minmax(0, 1fr) minmax(15rem, 17.5rem);
    }

    .next {
      grid-row: 1;
      border-left: none;
    }

    .suspects {
      grid-row: 1 / span 2;
      grid-column: 2;
    }

    .findings {
      grid-row: 2;
    }
  }

  @media (max-width: 700px) {
    .card-layout {
      grid-template-columns: minmax(0, 1fr);
    }

    .next,
    .suspects,
    .findings {
      grid-column: 1;
      grid-row: auto;
    }
  }
</style>
