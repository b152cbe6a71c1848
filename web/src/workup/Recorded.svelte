<script lang="ts">
  import { untrack } from 'svelte';
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import Notice from '../shared/Notice.svelte';
  import { RecordedState } from './recorded.svelte';
  import type { WorkUpState } from './state.svelte';

  /** A recording dropped on a check: read, kept, and answered for; the technician records the finding. */
  let { work, card }: { work: WorkUpState; card: Schemas['CheckCard'] } = $props();

  let recorded = $derived(new RecordedState(work.id, card.checkId));
  let over = $state(false);
  $effect(() => {
    const current = recorded;
    untrack(() => void current.load());
  });

  function take(files: FileList | null | undefined): void {
    const file = files?.[0];
    if (file) {
      void recorded.drop(file, file.name);
    }
  }
</script>

<div class="recorded" aria-live="polite">
  <label
    class="drop"
    class:over
    ondragover={(event) => {
      event.preventDefault();
      over = true;
    }}
    ondragleave={() => (over = false)}
    ondrop={(event) => {
      event.preventDefault();
      over = false;
      take(event.dataTransfer?.files);
    }}
  >
    <span>Drop a recording of this pad here, or</span>
    <span class="plain" aria-hidden="true">choose a file</span>
    <input class="sr-only" type="file" onchange={(event) => take(event.currentTarget.files)} />
  </label>
  {#if recorded.share !== null}
    <p>
      Reading {recorded.name}: {(100 * recorded.share).toFixed(0)} %
      <button class="plain" type="button" onclick={() => recorded.stop()}>Stop</button>
    </p>
  {/if}
  <Notice text={recorded.error} />
  {#if recorded.signals.length > 0}
    <p>It holds several signals. Which one is this pad?</p>
    <div class="choices">
      {#each recorded.signals as name (name)}
        <Choice label={name} chosen={false} onchoose={() => void recorded.choose(name)} />
      {/each}
    </div>
  {/if}
  {#if recorded.finding?.answer.tells}
    {@const f = recorded.finding}
    <p><strong>{f.label}.</strong></p>
    {#each f.answer.tells!.verdicts as verdict, i (i)}<p class="small">{verdict.text}</p>{/each}
    <p>
      <button
        class="act"
        type="button"
        disabled={work.busy || !card.ready}
        onclick={() => void work.answer(f.outcome)}>Record it: {f.label}</button
      >
    </p>
  {/if}
  {#each recorded.kept as kept (kept.number)}
    <p class="small">
      Kept: <a href={`/api/work-ups/${work.id}/captures/${kept.number}`} download={kept.name}>{kept.name}</a>.
      {kept.told}
    </p>
  {/each}
</div>

<style>
  .recorded {
    display: grid;
    gap: 0.5rem;
  }

  .drop {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: baseline;
    min-height: 44px;
    padding: 0.5rem 0.9rem;
    border: 2px dashed var(--soft);
    border-radius: 6px;
    cursor: pointer;
  }

  .drop.over,
  .drop:focus-within {
    border-color: var(--act);
    background: var(--act-tint);
  }

  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
</style>
