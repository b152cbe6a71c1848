<script lang="ts">
  import Choice from '../Choice.svelte';
  import ReadingEntry from '../ReadingEntry.svelte';
  import { sentence } from '../words';
  import type { AnswerState, Asked, Question, Scale } from './answer.svelte';

  /** What was asked, to be answered by press, by key, or by a number as it is written. */
  let {
    answer,
    asked,
    name = 'reading',
    optional = false
  }: {
    answer: AnswerState;
    asked: Asked;
    /** Names the fields on the page: the first by this alone. Default: reading. */
    name?: string;
    /** Whether a question may be left open, which is then an answer to choose, and without keys. Default: false. */
    optional?: boolean;
  } = $props();

  let shown = $derived(
    answer.oneByOne && !optional ? asked.questions.filter((_, i) => i === answer.asking) : asked.questions
  );

  /** The id of a field for a number; the first one goes by the name alone. */
  function field(question: Question): string {
    const place = asked.questions.indexOf(question);
    const first = asked.questions.findIndex((one) => one.scale);
    return place === first ? name : `${name}-${place + 1}`;
  }

  /** Letters typed into a field are its own; once it is left they are keys of the page again. */
  function leave(event: KeyboardEvent & { currentTarget: HTMLInputElement }): void {
    if (event.key === 'Escape') {
      event.currentTarget.blur();
    }
  }

  /** What is entered, where the question has not said so, and the unit that is meant. */
  function entered(text: string, scale: Scale): string {
    const what = text === scale.quantity ? '' : scale.quantity;
    return [what, scale.unit && `${scale.unit} if no unit is written`].filter(Boolean).join('; ');
  }

  function chosen(question: Question): string {
    return question.outcomes.find((one) => one.id === answer.picks[question.id])?.label ?? 'not looked at';
  }
</script>

{#if asked.told}
  {@const id = name === 'reading' ? 'told' : `told-${name}`}
  <div class="field">
    <label for={id}>First, the {asked.told.quantity}</label>
    <ReadingEntry {id} bind:text={answer.told} onkeydown={leave} scale={asked.told} />
  </div>
{/if}
{#if answer.oneByOne && !optional}
  <ol class="several" aria-label="One after the other">
    {#each asked.questions as question, i (question.id)}
      <li>
        <button
          type="button"
          aria-current={i === answer.asking ? 'step' : undefined}
          onclick={() => (answer.asking = i)}
        >
          {sentence(question.text)}
          <span class="small">{i === answer.asking ? 'now' : chosen(question)}</span>
        </button>
      </li>
    {/each}
  </ol>
{/if}
{#each shown as question (question.id)}
  {#if question.scale}
    <div class="field" class:apart={optional}>
      <label for={field(question)}>{question.text === '' ? 'What it shows' : sentence(question.text)}</label>
      <ReadingEntry
        id={field(question)}
        text={answer.written[question.id] ?? ''}
        onwrite={(text) => answer.write(question.id, text)}
        onkeydown={leave}
        scale={question.scale}
      />
      {#if !optional}<span class="small">{entered(question.text, question.scale)}</span>{/if}
      {#if question.scale.words.length > 0}
        <div class="choices" data-outcomes>
          {#each question.scale.words as word (word.id)}
            <Choice
              label={word.label}
              chosen={answer.written[question.id]?.trim().toLowerCase() === word.id}
              onchoose={() =>
                answer.write(question.id, answer.written[question.id] === word.id ? '' : word.id)}
            />
          {/each}
        </div>
      {/if}
    </div>
  {:else}
    <fieldset class:apart={optional}>
      <legend>{sentence(question.text)}</legend>
      {#if optional}
        <div class="open">
          {#each [...question.outcomes, { id: undefined, label: "don't know" }] as outcome (outcome.id)}
            <label>
              <input
                type="radio"
                name={`${name}-${question.id}`}
                checked={answer.picks[question.id] === outcome.id}
                onchange={() => answer.set(question.id, outcome.id)}
              />
              {outcome.label}
            </label>
          {/each}
        </div>
      {:else}
        <div class="choices" data-outcomes>
          {#each question.outcomes as outcome, i (outcome.id)}
            <Choice
              label={outcome.label}
              digit={answer.keyOf(question, i)}
              chosen={answer.picks[question.id] === outcome.id}
              onchoose={() => answer.pick(question.id, outcome.id)}
            />
          {/each}
        </div>
      {/if}
    </fieldset>
  {/if}
{/each}

<style>
  legend {
    font-weight: 700;
    margin-bottom: 0.4rem;
  }

  .field {
    max-width: 26rem;
  }

  .apart {
    margin-top: 0.8rem;
  }

  .choices {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(13.5rem, 100%), 1fr));
    gap: 0.35rem;
  }

  .open {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.4rem;
  }

  .open label {
    display: inline-flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 44px;
    margin-right: 1.2rem;
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
</style>
