<script lang="ts">
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import PowerMap from '../shared/PowerMap.svelte';
  import PowerMapKey from '../shared/PowerMapKey.svelte';
  import { moment } from '../shared/words';

  /** The wire and power map of a craft, its pre-power routine, and what is missing. */
  let { chart }: { chart: Schemas['Chart'] } = $props();

  const map = new Loading<Schemas['PowerMap']>();
  const routine = new Loading<Schemas['RoutineView']>();
  let red = $state('');

  let craftId = $derived(chart.craftId);
  let path = $derived(`/crafts/${encodeURIComponent(craftId)}`);

  $effect(() => {
    const params = { path: { craftId, version: chart.version } };
    untrack(() => {
      void map.load(() => ask(api.GET('/api/crafts/{craftId}/power-map', { params: { path: params.path } })));
      void routine.load(() =>
        ask(api.GET('/api/crafts/{craftId}/routine', { params: { path: params.path } }))
      );
    });
  });

  /** The first point waits for the second; two points ask what should be read there. */
  function pick(id: string): void {
    if (red && red !== id) {
      navigate('/instruments/read-here', { search: { craft: craftId, red, black: id } });
    } else {
      red = red === id ? '' : id;
    }
  }
</script>

<section aria-labelledby="leads-heading">
  <div class="top">
    <h2 id="leads-heading">Wiring and power</h2>
    <div class="do">
      <a class="quiet" href={`/api${path}/wires-drawing`} download="wiring.svg">Drawing of the wiring</a>
      <a class="quiet" href={`${path}/wiring`}>Parts and wiring…</a>
      <a class={routine.value?.state === 'PASSED' ? 'quiet' : 'act'} href={`${path}/routine`}
        >Pre-power checks</a
      >
    </div>
  </div>
  <Notice text={map.error || routine.error} />
  {#if routine.value}
    {@const r = routine.value}
    <p>
      {#if r.state === 'PASSED'}<strong>Passed</strong> {moment(r.newest!.at)}: the battery may go in.
      {:else if r.state === 'FAILED'}<strong class="danger">Failed</strong>
        {moment(r.newest!.at)}: the battery stays out.
      {:else}<strong class="doubt">Due</strong>: {r.why}.{/if}
    </p>
  {/if}
  {#each chart.missing as text, i (i)}<p class="small missing">{text}</p>{/each}
  {#if map.value && map.value.boxes.length > 0}
    <p class="small" aria-live="polite">
      {red
        ? `Red probe on ${map.value.points.find((p) => p.id === red)?.label}. Choose the point for black.`
        : 'Choose two points to see what the meter should read between them.'}
    </p>
    <div class="map" style:--natural={`${map.value.width}px`}>
      <PowerMap
        map={map.value}
        label={`Wiring and parts of ${craftId}`}
        red={red || undefined}
        onpick={pick}
      />
    </div>
    <PowerMapKey />
  {/if}
  <p class="links">
    <a href={`/instruments/rail-budget?craft=${encodeURIComponent(craftId)}`}>Rail budget</a>
    <a href={`/instruments/read-here?craft=${encodeURIComponent(craftId)}`}>What should I read here?</a>
    <a href={`/instruments/scale-from-readings?craft=${encodeURIComponent(craftId)}`}>Scale from readings</a>
    <a href={`/instruments/sense-chain?craft=${encodeURIComponent(craftId)}`}>Sense chain</a>
    <a href={`/instruments/pack?craft=${encodeURIComponent(craftId)}`}>Battery</a>
  </p>
</section>

<style>
  section {
    margin: 1.5rem 0 1.8rem;
    display: grid;
    gap: 0.5rem;
  }

  .top,
  .do,
  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 1.2rem;
    align-items: center;
    justify-content: space-between;
  }

  .links {
    justify-content: flex-start;
  }

  .links a {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
  }

  .map {
    overflow-x: auto;
    margin-inline: calc(50% - 50vw + 1.9rem);
  }

  .map :global(svg) {
    width: var(--natural);
    max-width: none !important;
    margin-inline: auto;
  }

  .missing {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.7rem;
  }

  .danger {
    color: var(--danger);
  }

  .doubt {
    color: var(--doubt);
  }
</style>
