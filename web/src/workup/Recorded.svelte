<script lang="ts">
  import { untrack } from 'svelte';
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import DropFile from '../shared/DropFile.svelte';
  import Notice from '../shared/Notice.svelte';
  import { RecordedState } from './recorded.svelte';
  import type { WorkUpState } from './state.svelte';

  /** A recording dropped on a check: read, kept, and answered for; the technician records the finding. */
  let { work, card }: { work: WorkUpState; card: Schemas['CheckCard'] } = $props();

  let recorded = $derived(new RecordedState(work.id, card.checkId));
  $effect(() => {
    const current = recorded;
    untrack(() => void current.load());
  });
</script>

<div class="recorded" aria-live="polite">
  <DropFile
    label="Drop a recording of this pad here"
    onfile={(file) => void recorded.drop(file, file.name)}
  />
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
        onclick={() => void work.answerAtOnce(f.outcome)}>Record it: {f.label}</button
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

  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
</style>
