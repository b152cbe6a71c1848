<script lang="ts">
  /** A refusal or a failure, in the server's words. */
  let { text }: { text: string } = $props();
</script>

{#if text}
  <p class="notice" role="alert">{text}</p>
{/if}

<style>
  .notice {
    border-left: 4px solid var(--danger);
    background: var(--danger-tint);
    color: var(--ink);
    padding: 0.5rem 0.9rem;
    margin: 0.5rem 0;
  }
</style>
