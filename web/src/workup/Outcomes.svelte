<script lang="ts">
  import type { Schemas } from '../api/client';
  import Answer from '../shared/answer/Answer.svelte';
  import type { Sureness, WorkUpState } from './state.svelte';

  /** What the check gave, and how sure that is. */
  let { work, card }: { work: WorkUpState; card: Schemas['CheckCard'] } = $props();

  const sureness: { id: Sureness; label: string }[] = [
    { id: 'SURE', label: 'sure' },
    { id: 'FAIRLY', label: 'fairly sure' },
    { id: 'DOUBTFUL', label: 'doubtful' }
  ];

  /** The number that a check asks for has the focus; the number told along comes first where there is one. */
  $effect(() => {
    if (card.checkId && card.ready && card.questions[0]?.scale) {
      document.getElementById(card.told ? 'told' : 'reading')?.focus();
    }
  });
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void work.record();
  }}
>
  <Answer answer={work.answer} asked={card} />
  <div class="record">
    <button class="act" disabled={!work.complete || work.busy}>Record <kbd>Enter</kbd></button>
    <div class="sure" role="group" aria-label="How sure">
      {#each sureness as level (level.id)}
        <button
          type="button"
          class="level"
          aria-pressed={work.sureness === level.id}
          onclick={() => (work.sureness = level.id)}>{level.label}</button
        >
      {/each}
      <kbd>d</kbd>
    </div>
    {#if !card.ready}<span class="small">once the bench is ready</span>{/if}
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 0.9rem;
    border-top: 1px solid var(--rule);
    padding-top: 0.9rem;
  }

  .record {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1.2rem;
  }

  .sure {
    display: flex;
    align-items: center;
  }

  .level {
    min-height: 44px;
    padding: 0 0.6rem;
    background: none;
    border: none;
    border-bottom: 3px solid transparent;
    color: var(--soft);
  }

  .level[aria-pressed='true'] {
    color: var(--ink);
    border-bottom-color: var(--act);
    font-weight: 700;
  }
</style>
