<script lang="ts">
  import ReadingEntry from '../shared/ReadingEntry.svelte';
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import type { RoutineState } from './state.svelte';

  /** What a step gave: an outcome by digit, or a number as the meter shows it. */
  let { work, step }: { work: RoutineState; step: Schemas['StepView'] } = $props();

  let field = $state<HTMLInputElement>();

  $effect(() => {
    if (step.id && field) {
      field.focus();
    }
  });
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void work.give();
  }}
>
  {#if step.question.scale}
    <div class="field">
      <label for="routine-reading">What it shows</label>
      <ReadingEntry
        id="routine-reading"
        bind:element={field}
        text={work.written}
        onwrite={(text) => work.write(text)}
        scale={step.question.scale}
      />
    </div>
  {:else}
    <fieldset>
      <legend>{step.question.text}</legend>
      {#each step.question.outcomes as outcome, i (outcome.id)}
        <Choice
          label={outcome.label}
          digit={String(i + 1)}
          chosen={work.chosen === outcome.id}
          onchoose={() => (work.chosen = outcome.id)}
        />
      {/each}
    </fieldset>
  {/if}
  {#if work.secondWay}
    <fieldset>
      <legend>{work.secondWay.text}</legend>
      <p>{work.said}</p>
      {#each work.secondWay.outcomes as outcome, i (outcome.id)}
        <Choice
          label={outcome.label}
          digit={String(i + 1)}
          chosen={work.secondAnswer === outcome.id}
          onchoose={() => (work.secondAnswer = outcome.id)}
        />
      {/each}
    </fieldset>
  {/if}
  <p class="do">
    <button class="act" disabled={!work.complete || work.busy}>Record <kbd>Enter</kbd></button>
    {#if work.at > 0}
      <button type="button" class="quiet" onclick={() => work.back()}>Back one step <kbd>u</kbd></button>
    {/if}
  </p>
</form>

<style>
  form {
    display: grid;
    gap: 0.8rem;
    border-top: 1px solid var(--rule);
    padding-top: 0.8rem;
  }

  fieldset {
    display: grid;
    gap: 0.35rem;
  }

  legend {
    font-weight: 700;
    margin-bottom: 0.3rem;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
  }
</style>
