<script lang="ts">
  import ReadingEntry from '../shared/ReadingEntry.svelte';
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import { sentence } from '../shared/words';
  import { digitOf, type Sureness, type WorkUpState } from './state.svelte';

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

  /** The number that a check asks for has the focus; the number told along comes first where there is one. */
  $effect(() => {
    if (card.checkId && card.ready && card.questions[0]?.scale) {
      document.getElementById(card.told ? 'told' : 'reading')?.focus();
    }
  });

  /** Letters typed into a field are its own; once it is left they are keys of the page again. */
  function leave(event: KeyboardEvent & { currentTarget: HTMLInputElement }): void {
    if (event.key === 'Escape') {
      event.currentTarget.blur();
    }
  }

  let shown = $derived(work.oneByOne ? card.questions.filter((_, i) => i === work.asking) : card.questions);

  function said(question: Schemas['QuestionView']): string {
    return question.outcomes.find((one) => one.id === work.picks[question.id])?.label ?? 'not looked at';
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
      <ReadingEntry id="told" bind:text={work.told} onkeydown={leave} scale={card.told} />
    </div>
  {/if}
  {#if work.oneByOne}
    <ol class="several" aria-label="One after the other">
      {#each card.questions as question, i (question.id)}
        <li>
          <button
            type="button"
            aria-current={i === work.asking ? 'step' : undefined}
            onclick={() => (work.asking = i)}
          >
            {sentence(question.text)}
            <span class="small">{i === work.asking ? 'now' : said(question)}</span>
          </button>
        </li>
      {/each}
    </ol>
  {/if}
  {#each shown as question (question.id)}
    {@const q = card.questions.indexOf(question)}
    {#if question.scale}
      <div class="field">
        <label for={field(q)}>{card.questions.length === 1 ? 'What it shows' : sentence(question.text)}</label
        >
        <ReadingEntry
          id={field(q)}
          text={work.written[question.id] ?? ''}
          onwrite={(text) => work.write(question.id, text)}
          onkeydown={leave}
          scale={question.scale}
        />
        <span class="small"
          >{question.scale.quantity}{question.scale.unit
            ? `; ${question.scale.unit} if no unit is written`
            : ''}</span
        >
        {#if question.scale.words.length > 0}
          <div class="choices" data-outcomes>
            {#each question.scale.words as word (word.id)}
              <Choice
                label={word.label}
                digit={word.id.charAt(0)}
                chosen={work.written[question.id]?.trim().toLowerCase() === word.id}
                onchoose={() => work.write(question.id, work.written[question.id] === word.id ? '' : word.id)}
              />
            {/each}
          </div>
        {/if}
      </div>
    {:else}
      <fieldset>
        <legend>{sentence(question.text)}</legend>
        <div class="choices" data-outcomes>
          {#each question.outcomes as outcome, i (outcome.id)}
            <Choice
              label={outcome.label}
              digit={question === work.question ? digitOf(question.outcomes, i) : undefined}
              chosen={work.picks[question.id] === outcome.id}
              onchoose={() => work.pick(question.id, outcome.id)}
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

  .several {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }

  .several button {
    display: grid;
    min-height: 44px;
    padding: 0.25rem 0.7rem;
    text-align: left;
    background: none;
    border: none;
    border-bottom: 3px solid var(--rule);
  }

  .several [aria-current] {
    border-bottom-color: var(--act);
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
</style>
