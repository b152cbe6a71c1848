<script lang="ts">
  import Answer from '../shared/answer/Answer.svelte';
  import type { BeforeState } from './seenBefore.svelte';

  /** What was found out before the craft came to the bench: found by a few letters, answered as the checks that it was. */
  let { before }: { before: BeforeState } = $props();

  function first(event: KeyboardEvent): void {
    const entry = before.found[0];
    if (event.key === 'Enter') {
      event.preventDefault();
      if (entry) {
        before.add(entry);
      }
    }
  }
</script>

<section>
  <h2>What was found out already</h2>
  <p class="small">
    By the owner or at the bench: which motor, which stick moved what, what the video did, the number shown.
    It counts as that check, so it needn’t be repeated.
  </p>
  {#each before.seen as one (one.entry.checkId)}
    <div class="card">
      <h3>{one.entry.title}</h3>
      <Answer answer={one.answer} asked={one.entry} name={one.entry.checkId} optional />
      <button type="button" class="plain" onclick={() => before.remove(one.entry.checkId)}
        >Leave it out</button
      >
    </div>
  {/each}
  <div class="field">
    <label for="found-out">Find it by a few letters</label>
    <input
      id="found-out"
      class="entry"
      bind:value={before.typed}
      onkeydown={first}
      maxlength="60"
      autocomplete="off"
      placeholder="such as stick, arrow, motor, cells"
    />
  </div>
  {#if before.typed.trim() !== ''}
    <ul aria-live="polite">
      {#each before.found as entry (entry.checkId)}
        <li><button type="button" class="plain" onclick={() => before.add(entry)}>{entry.title}</button></li>
      {:else}
        <li class="small">No check covers that. Put it into the complaint, in your own words.</li>
      {/each}
    </ul>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 0.7rem;
  }

  .card {
    padding: 0.9rem 1.1rem;
  }

  .field {
    max-width: 26rem;
  }

  ul {
    list-style: none;
    padding: 0;
  }
</style>
