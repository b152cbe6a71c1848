<script lang="ts">
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import { sentence } from '../shared/words';
  import type { Sureness, WorkUpState } from './state.svelte';

  /** What the check gave: outcomes by digit, or a number as it is written. */
  let { work, card }: { work: WorkUpState; card: Schemas['CheckCard'] } = $props();

  const sureness: { id: Sureness; label: string }[] = [
    { id: 'SURE', label: 'sure' },
    { id: 'FAIRLY', label: 'fairly sure' },
    { id: 'DOUBTFUL', label: 'doubtful' }
  ];

  /** The id of a field for a number; the first one goes by a name of its own. */
  function field(question: number): string {
    const first = card.questions.findIndex((one) => one.scale);
    return question === first ? 'reading' : `reading-${question + 1}`;
  }

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
  {#each card.questions as question, q (question.id)}
    {#if question.scale}
      <div class="field">
        <label for={field(q)}>{card.questions.length === 1 ? 'What it shows' : sentence(question.text)}</label
        >
        <input
          id={field(q)}
          class="entry reading"
          value={work.written[question.id] ?? ''}
          oninput={(event) => work.write(question.id, event.currentTarget.value)}
          autocomplete="off"
          placeholder={`such as ${question.scale.example}`}
          maxlength="40"
        />
        <span class="small"
          >{question.scale.quantity}{question.scale.unit
            ? `; ${question.scale.unit} if no unit is written`
            : ''}</span
        >
        {#if question.scale.words.length > 0}
          <div class="choices" data-outcomes>
            {#each question.scale.words as word, i (word.id)}
              <Choice
                label={word.label}
                digit={q === 0 ? i + 1 : undefined}
                chosen={work.written[question.id]?.trim().toLowerCase() === word.id}
                onchoose={() => work.write(question.id, work.written[question.id] === word.id ? '' : word.id)}
              />
            {/each}
          </div>
        {/if}
      </div>
    {:else}
      <fieldset>
        <legend>{question.text}</legend>
        <div class="choices" data-outcomes>
          {#each question.outcomes as outcome, i (outcome.id)}
            <Choice
              label={outcome.label}
              digit={q === 0 ? (i + 1) % 10 : undefined}
              chosen={work.picks[question.id] === outcome.id}
              onchoose={() => toggle(question.id, outcome.id)}
            />
          {/each}
        </div>
      </fieldset>
    {/if}
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
