<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What of a set-up was passed, waits and is left out. */
  let { run }: { run: Schemas['RunUnderWay'] } = $props();
</script>

<div class="rest">
  <div>
    <h2>Passed</h2>
    <ul>
      {#each run.passed as one (one.reading.checkId)}
        <li>{one.title} <span class="small">{one.given.join(', ')}</span></li>
      {:else}
        <li class="small">Nothing yet.</li>
      {/each}
    </ul>
  </div>
  {#if run.waiting.length > 0}
    <div>
      <h2>Waiting</h2>
      <ul>
        {#each run.waiting as one (one.id)}
          <li>{one.title} <span class="small">{one.why}</span></li>
        {/each}
      </ul>
    </div>
  {/if}
  <div>
    <h2>Left out</h2>
    <ul>
      {#each run.leftOut as one (one.id)}
        <li>{one.why} <span class="small">{one.reason}</span></li>
      {/each}
    </ul>
  </div>
</div>

<style>
  .rest {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
    gap: 2rem;
    margin-bottom: 1rem;
  }

  .rest li {
    border-bottom: 1px solid var(--rule);
    padding: 0.3rem 0;
  }

  @media (max-width: 800px) {
    .rest {
      grid-template-columns: 1fr;
    }
  }
</style>
