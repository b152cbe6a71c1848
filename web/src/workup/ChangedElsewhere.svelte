<script lang="ts">
  import type { WorkUpState } from './state.svelte';

  /** The work-up went on at another device while something is entered here. */
  let { work }: { work: WorkUpState } = $props();
</script>

{#if work.ahead > 0}
  <p class="misfit">
    <strong>It was changed on another device.</strong> What you enter now would be refused.
    <button class="plain" onclick={() => void work.catchUp()}>Reload</button>
  </p>
{/if}

<style>
  .misfit {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.8rem;
    margin-bottom: 1rem;
  }
</style>
