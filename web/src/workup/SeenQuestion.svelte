<script lang="ts">
  import type { Schemas } from '../api/client';

  /** One question of the intake; what nobody saw stays open. */
  let {
    question,
    chosen,
    onanswer
  }: {
    question: Schemas['QuestionView'] | Schemas['IntakeQuestion'];
    chosen: string | undefined;
    onanswer: (outcome: string | undefined) => void;
  } = $props();
</script>

<fieldset>
  <legend>{question.text}</legend>
  <div class="choices">
    {#each question.outcomes as outcome (outcome.id)}
      <label>
        <input
          type="radio"
          name={question.id}
          checked={chosen === outcome.id}
          onchange={() => onanswer(outcome.id)}
        />
        {outcome.label}
      </label>
    {/each}
    <label>
      <input
        type="radio"
        name={question.id}
        checked={chosen === undefined}
        onchange={() => onanswer(undefined)}
      />
      don't know
    </label>
  </div>
</fieldset>

<style>
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
