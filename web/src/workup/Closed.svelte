<script lang="ts">
  import ReasonSheet from '../shared/ReasonSheet.svelte';
  import type { WorkUpState } from './state.svelte';

  /** A work-up that has ended. */
  let { work }: { work: WorkUpState } = $props();

  let view = $derived(work.view!);
  let asking = $state(false);
  const states: Record<string, string> = { TO_DO: 'not done', PASSED: 'passed', FAILED: 'failed' };
</script>

<article>
  <h2>Closed: {view.ended}</h2>
  {#each view.made as made (made.n)}
    <section>
      <h3>{made.fault}</h3>
      <p>{made.title}</p>
      {#each made.values as value, i (i)}
        <p>
          <span class="small">{value.what}</span> <span class="reading">{value.before} → {value.after}</span>
        </p>
      {/each}
    </section>
  {/each}
  {#if view.proof}
    <section>
      <h3>Proof</h3>
      <ul>
        {#each view.proof.tests as test (test.checkId)}
          <li>{test.title}: {test.expected}, {states[test.state]}</li>
        {/each}
      </ul>
    </section>
  {/if}
  <p class="do">
    <a class="act" href={`/crafts/${encodeURIComponent(view.craftId)}`}>To the chart</a>
    <a class="quiet" href="/repair-log">To the repair log</a>
    <button class="quiet" onclick={() => (asking = true)}>It came back…</button>
  </p>
</article>

<ReasonSheet
  open={asking}
  title="Open it again"
  text="What was learnt stays; the work-up goes on from where it was."
  action="Open it again"
  onclose={() => (asking = false)}
  ongive={async (reason) => {
    if (await work.reopen(reason)) {
      asking = false;
    }
  }}
/>

<style>
  article {
    display: grid;
    gap: 1rem;
  }

  ul {
    list-style: disc;
    padding-left: 1.2rem;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
  }
</style>
