<script lang="ts">
  import { percent } from './words';

  /** A belief as a bar, a word and a figure. */
  let { belief, word }: { belief: number; word: string } = $props();
</script>

<div class="belief">
  <div class="track" aria-hidden="true"><div class="fill" style:width={`${belief * 100}%`}></div></div>
  <span class="small"><span class="word">{word}</span> <span class="figure">{percent(belief)}</span></span>
</div>

<style>
  .belief {
    display: grid;
    grid-template-columns: minmax(2rem, 1fr) 9.5rem;
    align-items: center;
    gap: 0.6rem;
  }

  .track {
    height: 8px;
    border-bottom: 1px solid var(--soft);
    border-left: 1px solid var(--soft);
  }

  .fill {
    height: 100%;
    background: var(--doubt-fill);
    transition: width 150ms;
  }

  .word {
    color: var(--ink);
  }
</style>
