<script lang="ts">
  import type { Schemas } from '../api/client';

  let { cautions }: { cautions: Schemas['Caution'][] } = $props();
</script>

{#if cautions.length > 0}
  <ul aria-label="Cautions">
    {#each cautions as caution (caution.page)}
      <li>
        <strong>⚠ {caution.title}.</strong>
        {caution.text} <a href={`/handbook/${caution.page}`}>More</a>
      </li>
    {/each}
  </ul>
{/if}

<style>
  ul {
    border-left: 4px solid var(--danger);
    padding-left: 0.9rem;
    display: grid;
    gap: 0.4rem;
  }

  strong {
    color: var(--danger);
  }
</style>
