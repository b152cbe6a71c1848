<script lang="ts">
  import type { Schemas } from '../api/client';
  import ReasonSheet from '../shared/ReasonSheet.svelte';
  import type { WorkUpState } from './state.svelte';

  /** How to get the bench ready for a check. */
  let { work, card }: { work: WorkUpState; card: Schemas['CheckCard'] } = $props();

  let asking = $state(false);
  let routine = $derived(`/crafts/${encodeURIComponent(work.view!.craftId)}/routine?back=${work.id}`);

  async function allTheSame(reason: string): Promise<void> {
    await work.record(reason);
    asking = false;
  }
</script>

<div class="ready" class:locked={card.locked}>
  <h3>{card.blocked ? 'No safe way there' : card.locked ? 'Locked until this is done' : 'First'}</h3>
  {#if card.blocked}
    <p>
      The pre-power checks failed. Find the fault with the battery out; then
      <a href={routine}>run the pre-power checks again</a>.
    </p>
  {:else}
    <ol>
      {#each card.steps as step (step.label)}
        <li class:guards={step.guards}>
          {step.label}
          {#if step.guards}<span class="sr-only">(guards against damage)</span>{/if}
        </li>
      {/each}
    </ol>
    {#if card.steps.some((step) => step.step === 'SHORT_TEST')}
      <a class="act" href={routine}>Do the pre-power checks</a>
    {:else}
      <button class="act" disabled={work.busy} onclick={() => void work.benchReady()}>
        All of this is done <kbd>b</kbd>
      </button>
    {/if}
  {/if}
  <button class="plain" onclick={() => (asking = true)}>It was done without…</button>
</div>

<ReasonSheet
  open={asking}
  title="Recorded without the bench being ready"
  text={work.answer.answered
    ? 'The reading is recorded, and the reason with it.'
    : 'Choose the outcome first, then say why it was done without.'}
  action="Record with this reason"
  onclose={() => (asking = false)}
  ongive={allTheSame}
/>

<style>
  .ready {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.9rem;
    margin-bottom: 0.9rem;
  }

  .ready.locked {
    border-left-color: var(--danger);
  }

  ol {
    list-style: decimal;
    padding-left: 1.3rem;
    margin: 0.3rem 0 0.6rem;
  }

  .guards {
    font-weight: 700;
  }

  kbd {
    color: var(--ink);
  }
</style>
