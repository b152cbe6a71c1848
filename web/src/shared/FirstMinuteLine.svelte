<script lang="ts">
  import { FirstMinute } from './firstMinute.svelte';

  /** A line of the first minute, above the page and out of its way. */
  let { path }: { path: string } = $props();

  const minute = new FirstMinute();
  let text = $derived(minute.line(path));
</script>

{#if text}
  <aside aria-label="First minute">
    <span>{text}</span>
    <button class="plain" onclick={() => minute.next(path)}>Got it</button>
    <button class="plain" onclick={() => minute.skip()}>Skip all</button>
  </aside>
{/if}

<style>
  aside {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 1.2rem;
    align-items: center;
    padding: 0.4rem 1.6rem;
    background: var(--act-tint);
    border-bottom: 1px solid var(--act);
  }

  span {
    flex: 1 1 24rem;
  }
</style>
