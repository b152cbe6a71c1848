<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What is due on a craft and why, each with the way to it. */
  let { craftId, due }: { craftId: string; due: Schemas['Due'][] } = $props();
  const OTHERS = [
    { page: 'set-up', title: 'Set it up' },
    { page: 'routine', title: 'Pre-power checks' },
    { page: 'radio-off', title: 'Radio-off test' }
  ];
  let at = $derived(`/crafts/${encodeURIComponent(craftId)}`);
</script>

<div class="due">
  <h2>Due</h2>
  <ul>
    {#each due as one, i (i)}
      <li>
        <a href={`${at}/${one.page}`}>{one.what}</a> <span class="small">{one.why}</span>
      </li>
    {:else}
      <li>Nothing is due.</li>
    {/each}
  </ul>
  <p class="small others">
    {#each OTHERS.filter((other) => !due.some((one) => one.page === other.page)) as other (other.page)}
      <a href={`${at}/${other.page}`}>{other.title}</a>
    {/each}
  </p>
</div>

<style>
  .due {
    border-block: 1px solid var(--rule);
    padding: 0.6rem 0;
    margin-bottom: 1.2rem;
  }

  .others {
    display: flex;
    gap: 1.4rem;
  }

  li {
    min-height: 36px;
  }

  li a {
    font-weight: 700;
  }
</style>
