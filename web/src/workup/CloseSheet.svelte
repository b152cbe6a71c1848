<script lang="ts">
  import type { Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';
  import Sheet from '../shared/Sheet.svelte';
  import type { WorkUpState } from './state.svelte';

  /** Ends a work-up. */
  let { work, open, onclose }: { work: WorkUpState; open: boolean; onclose: () => void } = $props();

  type End = Schemas['Closing']['end'];
  const ends: { id: End; label: string }[] = [
    { id: 'SOLVED', label: 'Solved and proven' },
    { id: 'NO_FAULT_FOUND', label: 'No fault found' },
    { id: 'NOT_WORTH_REPAIR', label: 'Not worth the repair' },
    { id: 'HANDED_OVER', label: 'Handed over' }
  ];
  let proven = $derived(work.view?.proof?.passes ?? false);
  let end = $state<End>('SOLVED');
  let reason = $state('');

  $effect(() => {
    if (open) {
      end = proven ? 'SOLVED' : 'NO_FAULT_FOUND';
      reason = '';
    }
  });

  async function close(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await work.close(end, reason)) {
      onclose();
    }
  }
</script>

<Sheet {open} title="Close the work-up" {onclose}>
  <form onsubmit={close}>
    <fieldset>
      <legend class="sr-only">How it ended</legend>
      {#each ends as one (one.id)}
        <label class="end">
          <input
            type="radio"
            name="end"
            value={one.id}
            bind:group={end}
            disabled={one.id === 'SOLVED' && !proven}
          />
          {one.label}
          {#if one.id === 'SOLVED' && !proven}<span class="small">only once the proof has passed</span>{/if}
        </label>
      {/each}
    </fieldset>
    <div class="field">
      <label for="close-reason">{end === 'SOLVED' ? 'Remark (may stay empty)' : 'Reason'}</label>
      <input id="close-reason" class="entry" bind:value={reason} maxlength="400" />
    </div>
    <Notice text={work.error} />
    <div class="do">
      <button class="act" disabled={work.busy || (end !== 'SOLVED' && reason.trim() === '')}>Close it</button>
      <button class="quiet" type="button" onclick={onclose}>Leave it open</button>
    </div>
  </form>
</Sheet>

<style>
  .end {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }
</style>
