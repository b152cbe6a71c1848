<script lang="ts">
  import ChangedElsewhere from './ChangedElsewhere.svelte';
  import Misfits from './Misfits.svelte';
  import NothingLeftToCheck from './NothingLeftToCheck.svelte';
  import WorkUpHead from './WorkUpHead.svelte';
  import { onMount, untrack } from 'svelte';
  import { route } from '../navigation';
  import { keys } from '../shared/keys.svelte';
  import Locks from '../shared/Locks.svelte';
  import Notice from '../shared/Notice.svelte';
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
  import { WorkUpState } from './state.svelte';
  import Suspects from './Suspects.svelte';
  import { workUpKeys } from './workUpKeys';

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
    keys.add(
      workUpKeys(() => work, {
        press,
        fix: openFix,
        why: () => (why = !why),
        others: () => (others = true),
        own: () => (own = true),
        close: () => (closing = true)
      })
    )
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

<svelte:head><title>{work.view?.craftId ?? 'Work-up'} – Able Medic</title></svelte:head>

{#if work.view}
  {@const view = work.view}
  <WorkUpHead {view} onclose={() => (closing = true)} />
  <BenchLine {work} />
  {#if view.locks}<section class="locks" aria-label="What it waits for before it arms">
      <Locks locks={view.locks} />
    </section>{/if}
  <div class="card-layout">
    <section class="findings" aria-label="What is known"><Findings {work} /></section>
    <section class="next" aria-label="What to do next">
      <Notice text={work.error} />
      <ChangedElsewhere {work} />
      {#if view.complaintGone}<p class="misfit">{view.complaintGone}</p>{/if}
      {#each view.hazards as why, i (i)}<p class="caution destroyed">{why}</p>{/each}
      {#if view.stage === 'CLOSED'}
        <Closed {work} />
      {:else}
        <Misfits {work} misfits={view.misfits} />
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
          <NothingLeftToCheck {view} onfix={openFix} onown={() => (own = true)} />
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
  .misfit {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.8rem;
    margin-bottom: 1rem;
  }

  .destroyed {
    margin-bottom: 1rem;
  }

  h1 {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.9rem;
    align-items: baseline;
    font-size: 1.45rem;
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
