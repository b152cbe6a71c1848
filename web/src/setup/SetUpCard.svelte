<script lang="ts">
  import type { Schemas } from '../api/client';
  import { navigate } from '../navigation';
  import Answer from '../shared/answer/Answer.svelte';
  import Conflict from '../shared/Conflict.svelte';
  import StepsInLine from '../shared/StepsInLine.svelte';
  import type { SetUpState } from './setUp.svelte';

  let { work, run }: { work: SetUpState; run: Schemas['RunUnderWay'] } = $props();

  let craftId = $derived(work.craftId);

  async function workUp(): Promise<void> {
    const id = work.step ? await work.workUp(work.step) : undefined;
    if (id !== undefined) {
      navigate('/work-ups/:id', { params: { id: String(id) } });
    }
  }
</script>

<div class="card" aria-live="polite">
  {#if run.conflicts.length > 0}
    <h2>First: the record can’t be right</h2>
    <p class="small">
      A step passes when it shows what a sound craft shows. While the record contradicts itself, no reading
      can pass. Look at the craft, then fix it or correct the record.
    </p>
    {#each run.conflicts as one (one.id)}
      <Conflict
        {craftId}
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
        The battery goes in for this, and the <a href={`/crafts/${encodeURIComponent(craftId)}/routine`}
          >pre-power checks</a
        > are due.
      </p>
    {/if}
    <StepsInLine steps={step.instruction} {craftId} />
    <p>It should give <strong class="figure">{step.expected}</strong></p>
    {#if step.given}
      <div class="astray">
        <p>
          It gave <strong>{step.given.join(', ')}</strong>. It should not. Find out why, then repeat it.
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

<style>
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

  @media (max-width: 800px) {
    .card {
      position: static;
    }
  }
</style>
