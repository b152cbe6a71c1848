<script lang="ts">
  import type { Schemas } from '../api/client';
  import LinkedText from '../shared/LinkedText.svelte';

  /** How the radio-off test is made, and what the motors should do. */
  let { test, craftId }: { test: Schemas['RadioOffView']; craftId: string } = $props();
</script>

<div class="how">
  <p class="caution">Props off. Keep a hand on the battery plug: pull it if the motors keep running.</p>
  <ol>
    {#each test.instruction as step, i (i)}<li><LinkedText parts={step} {craftId} /></li>{/each}
  </ol>
  <p>
    What the motors of this craft should do: <strong>{test.expectedLabel}</strong
    >{#if test.afterS !== undefined}, after
      <span class="figure">{test.afterS.toFixed(1)} s</span>{/if}.
  </p>
  <p>
    <a href={`/instruments/failsafe-timeline?craft=${encodeURIComponent(craftId)}`}>How it ends in flight</a>
    ·
    <a href={`/instruments/radio-session?craft=${encodeURIComponent(craftId)}`}
      >See it on the stand-in first</a
    >
  </p>
</div>

<style>
  .how {
    display: grid;
    gap: 0.6rem;
  }

  .how ol {
    list-style: decimal;
    padding-left: 1.5rem;
    display: grid;
    gap: 0.35rem;
  }
</style>
