<script lang="ts">
  import type { Schemas } from '../api/client';
  import Answer from '../shared/answer/Answer.svelte';
  import type { AnswerState } from '../shared/answer/answer.svelte';
  import EdgePicker from './EdgePicker.svelte';

  /** The questions of a complaint; one of them may be answered on the drawing of the craft. */
  let {
    answer,
    listed,
    drawn,
    drawing
  }: {
    answer: AnswerState;
    /** Those that are answered in a list. */
    listed: { questions: Schemas['QuestionView'][] };
    /** That on the drawing. Default: none. */
    drawn: Schemas['QuestionView'] | undefined;
    drawing: Schemas['CraftDrawing'] | undefined;
  } = $props();
</script>

<div class:seen={drawn}>
  <div>
    <h2>What was seen</h2>
    <p class="small">Leave blank what nobody saw. Don’t try it again to find out.</p>
    <Answer {answer} asked={listed} name="seen" optional />
  </div>
  {#if drawn}
    <div>
      <h2>{drawn.text}</h2>
      {#if drawing}
        <EdgePicker
          {drawing}
          edges={drawn.outcomes.filter((o) => o.id !== 'none')}
          chosen={answer.picks[drawn.id]}
          onchoose={(edge) => answer.set(drawn.id, edge)}
        />
      {/if}
      {#each [{ id: 'none', label: 'none dropped' }, { id: undefined, label: "don't know" }] as other (other.label)}
        <label class="choice">
          <input
            type="radio"
            name={drawn.id}
            checked={answer.picks[drawn.id] === other.id}
            onchange={() => answer.set(drawn.id, other.id)}
          />
          {other.label}
        </label>
      {/each}
    </div>
  {/if}
</div>

<style>
  .seen {
    display: grid;
    grid-template-columns: 1.3fr 1fr;
    gap: 2rem;
  }

  .choice {
    display: inline-flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 44px;
    margin-right: 1.2rem;
  }

  @media (max-width: 700px) {
    .seen {
      grid-template-columns: 1fr;
    }
  }
</style>
