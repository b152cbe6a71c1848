<script lang="ts">
  import type { Snippet } from 'svelte';
  import Notice from '../shared/Notice.svelte';

  /** The sheet that an instrument is on: what is asked on the left, what follows on the right. */
  let {
    title,
    text,
    error,
    asked,
    answer
  }: { title: string; text: string; error: string; asked: Snippet; answer: Snippet } = $props();
</script>

<svelte:head><title>{title} – Able Medic</title></svelte:head>

<section class="page">
  <h1>{title}</h1>
  <p class="small">{text}</p>
  <div class="two">
    <div class="asked">{@render asked()}</div>
    <div class="answer" aria-live="polite">
      <Notice text={error} />
      {@render answer()}
    </div>
  </div>
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(15rem, 1fr) minmax(0, 1.4fr);
    gap: 2.5rem;
    margin-top: 1rem;
    align-items: start;
  }

  .asked,
  .answer {
    display: grid;
    gap: 0.8rem;
  }

  .asked > :global(*) {
    min-width: 0;
  }

  .answer :global(dl) {
    display: grid;
    grid-template-columns: 14rem 1fr;
  }

  .answer :global(dt),
  .answer :global(dd) {
    border-bottom: 1px solid var(--rule);
    padding: 0.35rem 0;
  }

  .answer :global(dt) {
    color: var(--soft);
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
