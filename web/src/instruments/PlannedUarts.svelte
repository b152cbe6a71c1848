<script lang="ts">
  import type { Schemas } from '../api/client';

  /** Which part goes to which UART, with what to solder and set, and which has none. */
  let { plan }: { plan: Schemas['PlanAnswer'] } = $props();
</script>

{#each plan.lost as lost, i (i)}
  <div class="lost">
    <h2>No UART for {lost.name}</h2>
    {#if lost.conflict.length > 1}
      <p>This FC can’t have these together: {lost.conflict.join(', ')}.</p>
    {/if}
    <ul class="why">
      {#each lost.why as why, n (n)}<li>{why}</li>{/each}
    </ul>
    <p>Instead:</p>
    <ul class="why">
      {#each lost.otherwise as other, n (n)}<li>{other}</li>{/each}
    </ul>
  </div>
{/each}
{#each plan.placed as placed, i (i)}
  <div class="placed">
    <h2>{placed.name}{placed.uart ? `: UART ${placed.uart}` : ''}</h2>
    <ol>
      {#each [...placed.wires.map((wire) => `${wire}.`), ...placed.set] as step, k (k)}<li>
          {step}
        </li>{/each}
    </ol>
    {#each placed.minds as mind, n (n)}<p class="mind">{mind}</p>{/each}
  </div>
{/each}

<style>
  .lost {
    border-left: 4px solid var(--danger);
    padding-left: 0.9rem;
  }

  .placed {
    border-left: 4px solid var(--act);
    padding-left: 0.9rem;
  }

  .mind {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.7rem;
  }

  ol {
    list-style: decimal;
    padding-left: 1.4rem;
  }

  .why {
    list-style: disc;
    padding-left: 1.4rem;
  }
</style>
