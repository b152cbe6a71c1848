<script lang="ts">
  import type { Schemas } from '../api/client';
  import Answer from '../shared/answer/Answer.svelte';
  import type { RoutineState } from './state.svelte';

  /** What a step gave: an outcome by its key, or a number as the meter shows it. */
  let { work, step }: { work: RoutineState; step: Schemas['StepView'] } = $props();

  $effect(() => {
    if (step.id && step.question.scale) {
      document.getElementById('routine-reading')?.focus();
    }
  });
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void work.give();
  }}
>
  <Answer answer={work.answer} asked={{ questions: [step.question] }} name="routine-reading" />
  {#if work.secondWay}
    <p>{work.said}</p>
    <Answer answer={work.second} asked={{ questions: [work.secondWay] }} name="second-way" />
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

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
  }
</style>
