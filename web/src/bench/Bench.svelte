<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate } from '../navigation';
  import { keys } from '../shared/keys.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import AsideList from './AsideList.svelte';
  import RestingList from './RestingList.svelte';
  import Strip from './Strip.svelte';
  import UnreadableStrip from './UnreadableStrip.svelte';

  const bench = new Loading<Schemas['Bench']>();

  /** Strips that are still being worked out are asked for again so soon. */
  const AGAIN_MS = 1500;
  let again: ReturnType<typeof setTimeout> | undefined;

  async function look(): Promise<void> {
    clearTimeout(again);
    await bench.load(() => ask(api.GET('/api/bench')));
    if (bench.value?.needing.some((one) => one.pending)) {
      again = setTimeout(() => void look(), AGAIN_MS);
    }
  }

  onMount(() => {
    void look();
    const taken = keys.add(
      Array.from({ length: 9 }, (_, i) => ({
        key: String(i + 1),
        label: 'Open a work-up of the bench by its number',
        silent: i > 0,
        run: () => open(i)
      }))
    );
    return () => {
      clearTimeout(again);
      taken();
    };
  });

  function open(i: number): void {
    const one = bench.value?.needing[i];
    if (one) {
      navigate('/work-ups/:id', { params: { id: String(one.workUpId) } });
    }
  }
</script>

<svelte:head><title>Bench – Able Medic</title></svelte:head>

<section class="page">
  <div class="top">
    <h1>Bench</h1>
    <div class="do">
      <a class="act" href="/work-ups/new">New work-up <span aria-hidden="true">(n)</span></a>
      <a class="quiet" href="/new-craft">Enter a craft</a>
      <a class="quiet" href="/in-and-out">Import and export</a>
      <a class="quiet" href="/devices">Other devices</a>
    </div>
  </div>
  <Notice text={bench.error} />

  {#if bench.value}
    {@const b = bench.value}
    {#if b.needing.length + b.unreadable.length + b.fit.length + b.due.length + b.grounded.length + b.aside.length === 0}
      <div class="start">
        <h2>Start with a craft</h2>
        <p>
          Add the first one: its craft ID, its class and which way its props turn. It takes a minute; the
          build sheet can be completed later.
        </p>
        <p><a class="act" href="/new-craft">Enter the first craft</a></p>
      </div>
    {:else}
      {#if b.unreadable.length > 0}
        <h2>Cannot be read</h2>
        {#each b.unreadable as record (record.sort + record.name)}
          <UnreadableStrip {record} onchange={() => void look()} />
        {/each}
      {/if}
      <h2 class:later={b.unreadable.length > 0}>Needs attention</h2>
      {#each b.needing as summary, i (summary.workUpId)}
        <Strip {summary} number={i + 1} />
      {:else}
        <p class="small">No open work-up. Press <kbd>n</kbd> when a craft comes in.</p>
      {/each}

      <div class="rest">
        <RestingList title="Ready to fly" crafts={b.fit} />
        {#if b.due.length > 0}<RestingList title="Something due" crafts={b.due} />{/if}
        <RestingList title="Grounded" crafts={b.grounded} />
        {#if b.aside.length > 0}
          <div>
            <h2>Set aside</h2>
            <AsideList aside={b.aside} onchange={() => void look()} />
          </div>
        {/if}
      </div>
    {/if}
  {:else if !bench.error}
    <p class="small">Looking over the bench…</p>
  {/if}
</section>

<style>
  .top {
    display: flex;
    justify-content: space-between;
    align-items: center;
    flex-wrap: wrap;
    gap: 1rem;
    margin-bottom: 1rem;
  }

  .do {
    display: flex;
    gap: 0.8rem;
  }

  .start {
    max-width: 36rem;
    display: grid;
    gap: 0.8rem;
    padding-top: 1rem;
  }

  .later {
    margin-top: 1.6rem;
  }

  .rest {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
    gap: 2rem;
    margin-top: 2rem;
  }
</style>
