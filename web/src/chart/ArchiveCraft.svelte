<script lang="ts">
  import { api, ask, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';
  import ReasonSheet from '../shared/ReasonSheet.svelte';

  /** Takes a craft off the bench that was entered by mistake or is gone, with all its history, and brings it back. */
  let { chart, onchanged }: { chart: Schemas['Chart']; onchanged: () => void } = $props();
  let asking = $state(false);
  let error = $state('');
  let open = $derived(chart.workUps.some((one) => one.open));

  async function put(body: { reason?: string }): Promise<void> {
    asking = false;
    error = '';
    try {
      await ask(
        api.PUT('/api/crafts/{craftId}/aside', { params: { path: { craftId: chart.craftId } }, body })
      );
      onchanged();
    } catch (thrown) {
      error = words(thrown);
    }
  }
</script>

<Notice text={error} />
{#if chart.aside}
  <p class="caution">
    Archived: {chart.aside}. All its records are kept.
    <button class="plain" onclick={() => void put({})}>Bring it back</button>
  </p>
{:else if !open}
  <p class="small">
    Entered by mistake, sold, or lost? <button class="plain" onclick={() => (asking = true)}
      >Archive it…</button
    >
  </p>
{/if}
{#if asking}
  <ReasonSheet
    open
    title={`Archive ${chart.craftId}`}
    text="It leaves the bench with all its history, and can be brought back at any time, here or on the bench."
    action="Archive it"
    onclose={() => (asking = false)}
    ongive={(reason) => void put({ reason })}
  />
{/if}
