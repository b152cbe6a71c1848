<script lang="ts">
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import { day } from '../shared/words';

  /** How a craft stands with its radio-off test, in a line. */
  let { mark }: { mark: string } = $props();
  const view = new Loading<Schemas['RadioOffView']>();

  $effect(() => {
    const current = mark;
    untrack(
      () =>
        void view.load(() =>
          ask(api.GET('/api/crafts/{mark}/radio-off', { params: { path: { mark: current } } }))
        )
    );
  });
</script>

{#if view.value}
  {@const v = view.value}
  <p class="line">
    <strong>Radio-off test</strong>
    {#if v.state === 'PASSED'}passed {day(v.testedAt!)}.
    {:else if v.state === 'FAILED'}<span class="due">not passed {day(v.testedAt!)}.</span>
    {:else}<span class="due">due: {v.why}.</span>{/if}
    <a href={`/crafts/${encodeURIComponent(mark)}/radio-off`}>{v.state === 'PASSED' ? 'Look' : 'Make it'}</a>
  </p>
{/if}

<style>
  .line {
    border-block: 1px solid var(--rule);
    padding: 0.6rem 0;
    margin-bottom: 1.2rem;
  }

  .due {
    color: var(--danger);
  }
</style>
