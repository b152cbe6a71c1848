<script lang="ts">
  import type { Snippet } from 'svelte';

  /** Asks whether the props are off; what makes motors turn at the bench is shown only then. */
  let {
    off = $bindable(false),
    turns,
    children
  }: { off?: boolean; turns?: string; children?: Snippet } = $props();
</script>

<label class="props"><input type="checkbox" bind:checked={off} /> The props are off</label>
{#if off}
  {@render children?.()}
{:else if turns}
  <p class="caution">{turns}</p>
{/if}

<style>
  .props {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    font-weight: 700;
    min-height: 2.75rem;
  }
</style>
