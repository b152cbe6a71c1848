<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What follows from the motors that were seen. */
  let { answer }: { answer: Schemas['MotorMapAnswer'] } = $props();
</script>

{#each answer.contradictions as text, i (i)}<p class="wrong">{text}</p>{/each}
{#each answer.orders as order (order.numbering)}
  <p>Order to enter, {order.numbering}: <strong class="reading">{order.order}</strong></p>
{/each}
{#each answer.wiring as text, i (i)}<p>
    {text}{answer.inferred.some((o) => text.startsWith(o)) ? ' (the one left over)' : ''}
  </p>{/each}
{#if answer.reverse.length > 0}
  <h3>Motors to reverse</h3>
  {#each answer.reverse as text, i (i)}<p>{text}</p>{/each}
  <p class="small">By the FC's command, in the ESC, or any two of the three motor wires.</p>
{/if}
{#if answer.props.length > 0}
  <h3>Props to move</h3>
  {#each answer.props as text, i (i)}<p>{text}</p>{/each}
{/if}
{#if answer.missing.length > 0}
  <h3>Still to be seen</h3>
  {#each answer.missing as text, i (i)}<p class="small">{text}</p>{/each}
{/if}

<style>
  .wrong {
    color: var(--danger);
    font-weight: 700;
  }
</style>
