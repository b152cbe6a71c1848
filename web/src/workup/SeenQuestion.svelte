<script lang="ts">
  import ReadingEntry from '../shared/ReadingEntry.svelte';
  import type { Schemas } from '../api/client';
  import { sentence } from '../shared/words';

  /** One question of the intake; what nobody saw stays open. */
  let {
    question,
    of = '',
    chosen,
    onanswer,
    written = '',
    onwrite
  }: {
    question: Schemas['QuestionView'];
    /** What sets it apart from a question of the same name on one page. Default: nothing. */
    of?: string;
    chosen: string | undefined;
    onanswer: (outcome: string | undefined) => void;
    /** The number as written, where the question asks for one. */
    written?: string;
    onwrite?: (text: string) => void;
  } = $props();
</script>

{#if question.scale}
  <div class="field">
    <label for={`seen-${of}${question.id}`}>{sentence(question.text)}</label>
    <ReadingEntry
      id={`seen-${of}${question.id}`}
      class="entry"
      text={written}
      {onwrite}
      scale={question.scale}
    />
  </div>
{:else}
  <fieldset>
    <legend>{question.text}</legend>
    <div class="choices">
      {#each question.outcomes as outcome (outcome.id)}
        <label>
          <input
            type="radio"
            name={`${of}${question.id}`}
            checked={chosen === outcome.id}
            onchange={() => onanswer(outcome.id)}
          />
          {outcome.label}
        </label>
      {/each}
      <label>
        <input
          type="radio"
          name={`${of}${question.id}`}
          checked={chosen === undefined}
          onchange={() => onanswer(undefined)}
        />
        don't know
      </label>
    </div>
  </fieldset>
{/if}

<style>
  .field {
    margin-top: 0.8rem;
    max-width: 26rem;
  }

  fieldset {
    margin-top: 0.8rem;
  }

  legend {
    font-weight: 700;
  }

  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.4rem;
  }

  label {
    display: inline-flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 44px;
    margin-right: 1.2rem;
  }
</style>
