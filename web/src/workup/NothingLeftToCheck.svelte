<script lang="ts">
  import type { Schemas } from '../api/client';

  /** No check would tell more: what then. */
  let { view, onfix, onown }: { view: Schemas['WorkUpView']; onfix: () => void; onown: () => void } =
    $props();
</script>

<h2>Stop: no check would tell more</h2>
{#if view.suspects[0] && view.suspects[0].belief > view.notInBook.belief}
  <p>
    No open check distinguishes the suspects any further. Look at how to fix the most likely one (<kbd>f</kbd
    >), or enter a suspicion or test of your own (<kbd>t</kbd>).
  </p>
{:else}
  <p>
    What is known here does not explain this craft. What then: a second pair of eyes on it; one suspected part
    exchanged for one that is known to be good, and what that did entered as your own test (<kbd>t</kbd>); or
    close it honestly as not found (<kbd>c</kbd>). Don’t fly it as it is.
  </p>
{/if}
<p class="after">
  <button class="act" onclick={onfix}>How to fix the leading suspect</button>
  <button class="quiet" onclick={onown}>Own suspicion or test</button>
</p>

<style>
  .after {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    margin-top: 1rem;
  }
</style>
