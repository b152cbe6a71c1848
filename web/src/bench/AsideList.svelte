<script lang="ts">
  import { api, ask, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';

  /** What was put aside, each with the way back. */
  let { aside, onchange }: { aside: Schemas['SetAside'][]; onchange: () => void } = $props();
  let trouble = $state('');

  async function bringBack(one: Schemas['SetAside']): Promise<void> {
    try {
      await (one.record
        ? ask(api.PUT('/api/bench/unreadable/aside', { body: { record: one.record } }))
        : one.workUpId === undefined
          ? ask(api.PUT('/api/crafts/{craftId}/aside', { params: { path: { craftId: one.name } }, body: {} }))
          : ask(api.PUT('/api/work-ups/{id}/aside', { params: { path: { id: one.workUpId } }, body: {} })));
      onchange();
    } catch (thrown) {
      trouble = words(thrown);
    }
  }
</script>

<Notice text={trouble} />
<ul>
  {#each aside as one (one.name)}
    <li>
      <span>{one.name} <span class="small">{one.reason}</span></span>
      <button class="quiet" aria-label={`Bring ${one.name} back`} onclick={() => void bringBack(one)}>
        Bring back
      </button>
    </li>
  {/each}
</ul>

<style>
  li {
    min-height: 44px;
    display: flex;
    justify-content: space-between;
    gap: 0.8rem;
    align-items: center;
    border-bottom: 1px solid var(--rule);
  }

  button {
    white-space: nowrap;
    margin: 0.2rem 0;
  }
</style>
