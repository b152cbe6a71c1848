<script lang="ts">
  import { between, seconds, type Timeline } from './failsafe.svelte';

  /** What happens one after the other, how it ends, and what may still be done. */
  let { now }: { now: Timeline } = $props();
</script>

<ol>
  {#each now.events as one, i (i)}
    <li><span class="figure at">{seconds(one.atS)}</span> {one.text}</li>
  {/each}
</ol>
<dl>
  <dt>flown blind</dt>
  <dd class="reading">
    {Math.round(now.blindM)} m <span class="small">{between(now.spread.blindM, 0, 'm')}</span>
  </dd>
  {#if now.impactMs > 0}
    <dt>comes down at</dt>
    <dd class="reading">
      {Number(now.impactMs.toFixed(1))} m/s, {Math.round(now.impactJ)} J
      <span class="small">{between(now.spread.impactMs, 1, 'm/s')}</span>
    </dd>
  {/if}
  {#if now.driftM > 0.5}
    <dt>the wind takes it</dt>
    <dd class="reading">{Math.round(now.driftM)} m</dd>
  {/if}
  <dt>this craft hovers at about</dt>
  <dd class="reading">{Math.round(now.hoverPercent)} %</dd>
</dl>
{#each now.hazards as one, i (i)}<p class="caution">{one}</p>{/each}
{#if now.pilot.length > 0}
  <h2>What the pilot can do</h2>
  {#each now.pilot as one, i (i)}<p>{one}</p>{/each}
{/if}
{#each now.spread.ends as end, i (i)}
  <p class="caution">
    Its mass, drag and reaction are not known exactly; it may also end like this: {end}.
  </p>
{/each}
<p class="small">
  Ranges: mass within 5 %, drag within 40 %, reaction times within 30 %, all at their worst together.
</p>

<style>
  ol {
    list-style: decimal;
    padding-left: 1.6rem;
  }

  .at {
    display: inline-block;
    min-width: 4rem;
    padding-left: 0.6rem;
  }

  dl {
    display: grid;
    grid-template-columns: 14rem 1fr;
  }

  dt {
    color: var(--soft);
  }
</style>
