<script lang="ts">
  import type { Schemas } from '../api/client';
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
  {#if step.example}
    <div class="field">
      <label for="routine-reading">What it shows</label>
      <input
        id="routine-reading"
        class="entry reading"
        bind:this={field}
        bind:value={work.written}
        autocomplete="off"
        maxlength="40"
        placeholder={`such as ${step.example}`}
      />
    </div>
  {:else}
    <fieldset>
      <legend>{step.question}</legend>
      {#each step.outcomes as outcome, i (outcome.id)}
        <button
          type="button"
          class="choice"
          aria-pressed={work.chosen === outcome.id}
          onclick={() => (work.chosen = outcome.id)}><kbd>{i + 1}</kbd> {outcome.label}</button
        >
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
  }

  .choice[aria-pressed='true'] {
    background: var(--act-tint);
    border-color: var(--act);
    box-shadow: inset 4px 0 0 var(--act);
    font-weight: 700;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
  }

  .act kbd {
    background: transparent;
    color: inherit;
    border-color: currentcolor;
  }
</style>
