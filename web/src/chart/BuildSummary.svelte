<script lang="ts">
  import type { Schemas } from '../api/client';
  import TopView from '../shared/TopView.svelte';

  /** How a craft is built, with the ways to its frame, configuration and instruments. */
  let { chart }: { chart: Schemas['Chart'] } = $props();

  let craft = $derived(encodeURIComponent(chart.craftId));
</script>

<div class="sheet">
  <figure>
    <TopView drawing={chart.drawing} label={`${chart.craftId} from above, nose up`} />
    <figcaption class="small">
      From above. <span class="figure">m2 o2</span>: the firmware's motor 2, wired to output 2. The arrow in
      the middle is the FC's own forward{chart.drawing.faceDown ? '; dashed, since it sits face down' : ''}.
    </figcaption>
  </figure>
  <div>
    <h2>Build sheet <span class="small">revision {chart.revision}</span></h2>
    <dl>
      {#each chart.facts as fact, i (i)}
        <dt>{fact.what}</dt>
        <dd>{fact.value}</dd>
      {/each}
    </dl>
    <p class="links">
      <a href={`/crafts/${craft}/frame`}>Frame and motors…</a>
      <a href={`/crafts/${craft}/configuration`}>Configuration</a>
      <a href={`/crafts/${craft}/snapshots`}>Settings exports</a>
      <a href={`/crafts/${craft}/flash`}>Plan a flash</a>
      <a href={`/instruments/modes?craft=${craft}`}>Switches and modes</a>
      <a href={`/instruments/failsafe-timeline?craft=${craft}`}>Failsafe timeline</a>
      <a href={`/instruments/motor-map?craft=${craft}`}>Motor map</a>
      <a href={`/instruments/board-orientation?craft=${craft}`}>Board orientation</a>
      <a href={`/instruments/take-off-motion?craft=${craft}`}>Take-off motion</a>
    </p>
  </div>
</div>

<style>
  .sheet {
    display: grid;
    grid-template-columns: minmax(15rem, 22rem) 1fr;
    gap: 2.2rem;
    margin: 1rem 0 1.6rem;
    align-items: start;
  }

  dl {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    margin-top: 0.5rem;
  }

  dt,
  dd {
    padding: 0.3rem 0;
    border-bottom: 1px solid var(--rule);
  }

  dt {
    color: var(--soft);
  }

  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.4rem;
    margin-top: 0.6rem;
  }

  .links a {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
  }

  @media (max-width: 900px) {
    .sheet {
      grid-template-columns: 1fr;
    }

    figure {
      max-width: 22rem;
    }
  }
</style>
