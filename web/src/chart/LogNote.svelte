<script lang="ts">
  import { api, ask, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';

  /** A note in the log of a craft. */
  let { craftId, onnoted }: { craftId: string; onnoted: () => void } = $props();

  type Kind = Schemas['LogNote']['kind'];
  const kinds: { id: Kind; label: string }[] = [
    { id: 'NOTE', label: 'Note' },
    { id: 'FLIGHT', label: 'Flight' },
    { id: 'CRASH', label: 'Crash or hard landing' },
    { id: 'PART', label: 'New part' },
    { id: 'FLASH', label: 'Firmware flashed' },
    { id: 'OPENED', label: 'Stack opened' }
  ];
  let kind = $state<Kind>('NOTE');
  let text = $state('');
  let error = $state('');

  async function note(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    error = '';
    try {
      await ask(
        api.POST('/api/crafts/{craftId}/log', { params: { path: { craftId } }, body: { kind, text } })
      );
      text = '';
      onnoted();
    } catch (thrown) {
      error = words(thrown);
    }
  }
</script>

<form onsubmit={note}>
  <select class="entry" bind:value={kind} aria-label="Kind of entry">
    {#each kinds as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
  </select>
  <input
    class="entry"
    bind:value={text}
    maxlength="400"
    aria-label="What happened"
    placeholder="what happened"
  />
  <button class="quiet" disabled={text.trim() === ''}>Enter</button>
</form>
<Notice text={error} />
{#if kind !== 'NOTE' && kind !== 'FLIGHT'}<p class="small">Makes the pre-power checks due again.</p>{/if}

<style>
  form {
    display: grid;
    grid-template-columns: 9rem 1fr auto;
    gap: 0.5rem;
    margin: 0.4rem 0;
  }
</style>
