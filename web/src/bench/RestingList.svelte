<script lang="ts">
  import type { Schemas } from '../api/client';

  /** Crafts that nobody is working on just now. */
  let { title, crafts }: { title: string; crafts: Schemas['Resting'][] } = $props();
</script>

<div>
  <h2>{title}</h2>
  <ul>
    {#each crafts as craft (craft.craftId)}
      <li>
        <a href={`/crafts/${encodeURIComponent(craft.craftId)}`}>{craft.craftId}</a>
        <span class="small"
          >{craft.name} · {craft.craftClass}{#each craft.grounds as ground, i (i)}<span class="ground"
              >{ground.text}</span
            >{/each}{#each craft.due as one (one.page)}<span class="due"
              ><a href={`/crafts/${encodeURIComponent(craft.craftId)}/${one.page}`}>{one.what}</a>: {one.why}</span
            >{/each}</span
        >
      </li>
    {:else}
      <li class="small">None just now.</li>
    {/each}
  </ul>
</div>

<style>
  .due,
  .ground {
    display: block;
  }

  .ground {
    color: var(--danger);
  }

  li {
    min-height: 44px;
    display: flex;
    gap: 0.8rem;
    align-items: center;
    border-bottom: 1px solid var(--rule);
  }
</style>
