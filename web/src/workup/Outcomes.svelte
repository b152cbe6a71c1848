<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { Sureness, WorkUpState } from './state.svelte';

  /** What the check gave: outcomes by digit, or a number as it is written. */
  let { work, card }: { work: WorkUpState; card: Schemas['CheckCard'] } = $props();

  const sureness: { id: Sureness; label: string }[] = [
    { id: 'SURE', label: 'sure' },
    { id: 'FAIRLY', label: 'fairly sure' },
    { id: 'DOUBTFUL', label: 'doubtful' }
  ];

  function toggle(question: string, outcome: string): void {
    const picks = { ...work.picks };
    if (picks[question] === outcome) {
      delete picks[question];
    } else {
      picks[question] = outcome;
    }
    work.picks = picks;
  }
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void work.record();
  }}
>
  {#if card.told}
    <div class="field">
      <label for="told">First, the {card.told.quantity}</label>
      <input
        id="told"
        class="entry reading"
        bind:value={work.told}
        autocomplete="off"
        placeholder={`such as ${card.told.example}`}
        maxlength="40"
      />
    </div>
  {/if}
  {#if card.scale}
    <div class="field">
      <label for="reading">What it shows</label>
      <input
        id="reading"
        class="entry reading"
        bind:value={work.written}
        autocomplete="off"
        placeholder={`such as ${card.scale.example}`}
        maxlength="40"
      />
      <span class="small"
        >{card.scale.quantity}{card.scale.unit ? `; ${card.scale.unit} if no unit is written` : ''}</span
      >
      {#if card.scale.words.length > 0}
        <div class="choices" data-outcomes>
          {#each card.scale.words as word, i (word.id)}
            <button
              type="button"
              class="choice"
              aria-pressed={work.written.trim().toLowerCase() === word.id}
              onclick={() => (work.written = work.written === word.id ? '' : word.id)}
            >
              <kbd>{i + 1}</kbd>
              {word.label}
            </button>
          {/each}
        </div>
      {/if}
    </div>
  {/if}
  {#each card.questions as question, q (question.id)}
    <fieldset>
      <legend>{question.text}</legend>
      <div class="choices" data-outcomes>
        {#each question.outcomes as outcome, i (outcome.id)}
          <button
            type="button"
            class="choice"
            aria-pressed={work.picks[question.id] === outcome.id}
            onclick={() => toggle(question.id, outcome.id)}
          >
            {#if q === 0}<kbd>{(i + 1) % 10}</kbd>{/if}
            {outcome.label}
          </button>
        {/each}
      </div>
    </fieldset>
  {/each}
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

  legend {
    font-weight: 700;
    margin-bottom: 0.4rem;
  }

  .choices {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(13.5rem, 1fr));
    gap: 0.35rem;
  }

  .choice {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
    padding: 0.25rem 0.6rem;
    text-align: left;
    background: var(--paper);
    border: 1px solid var(--rule);
    border-radius: 3px;
    line-height: 1.2;
  }

  .choice[aria-pressed='true'] {
    background: var(--act-tint);
    border-color: var(--act);
    box-shadow: inset 4px 0 0 var(--act);
    font-weight: 700;
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

  .act kbd {
    background: transparent;
    color: inherit;
    border-color: currentcolor;
  }
</style>
