<script lang="ts">
  import { api, ask, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';
  import ReasonSheet from '../shared/ReasonSheet.svelte';

  /** A record that cannot be read, with what can be done about it. */
  let { record, onchange }: { record: Schemas['Unreadable']; onchange: () => void } = $props();

  const kinds = { CRAFT: 'Craft', WORK_UP: 'Work-up', BATTERY: 'Battery', RECORD: 'Not shown:' };
  let asking = $state(false);
  let trouble = $state('');

  async function run(call: Promise<unknown>): Promise<void> {
    try {
      await call;
      asking = false;
      onchange();
    } catch (thrown) {
      trouble = words(thrown);
    }
  }

  function putAside(reason: string): void {
    const body = { reason };
    void run(
      record.record
        ? ask(api.PUT('/api/bench/unreadable/aside', { body: { record: record.record, reason } }))
        : record.workUpId === undefined
          ? ask(api.PUT('/api/crafts/{craftId}/aside', { params: { path: { craftId: record.name } }, body }))
          : ask(api.PUT('/api/work-ups/{id}/aside', { params: { path: { id: record.workUpId } }, body }))
    );
  }

  function goBack(revision: number): void {
    void run(
      ask(
        api.POST('/api/crafts/{craftId}/repair', {
          params: { path: { craftId: record.name } },
          body: { revision }
        })
      )
    );
  }
</script>

<article>
  <div>
    <h3>{kinds[record.sort]} {record.name}</h3>
    <p>{record.why} Nothing of it is lost.</p>
    <Notice text={trouble} />
  </div>
  <div class="do">
    {#if record.goBackTo !== undefined}
      {@const revision = record.goBackTo}
      <button class="act" onclick={() => goBack(revision)}>Go back to sheet {revision}</button>
    {/if}
    {#if record.sort !== 'BATTERY'}
      <button class="quiet" onclick={() => (asking = true)}>Set aside</button>
    {/if}
  </div>
</article>
<ReasonSheet
  open={asking}
  title={`Put ${record.name} aside`}
  text="It leaves the bench and stays stored as it is. It can be brought back."
  action="Set aside"
  onclose={() => (asking = false)}
  ongive={putAside}
/>

<style>
  article {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.6rem 1.4rem;
    padding: 0.8rem 0 0.8rem 1rem;
    border-left: 4px solid var(--doubt);
    border-bottom: 1px solid var(--rule);
  }

  .do {
    display: flex;
    gap: 0.8rem;
    align-items: center;
  }
</style>
