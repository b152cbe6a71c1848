<script lang="ts">
  import { percent } from './words';

  /** What a craft waits for before it arms, as a row of locks. */
  let {
    locks,
    chosen,
    onchoose
  }: {
    /** `shut` from 0, surely open, to 1, surely shut. */
    locks: { id: string; label: string; shut: number }[];
    chosen?: string;
    onchoose?: (id: string) => void;
  } = $props();

  /** Surer than this it is said to be shut or open, and not how likely. */
  const SURE = 0.95;

  function word(shut: number): string {
    return shut >= SURE ? 'shut' : shut <= 1 - SURE ? 'open' : `shut: ${percent(shut)}`;
  }

  const HEIGHT = 20;
</script>

{#snippet lock(one: { label: string; shut: number })}
  <svg viewBox="0 -8 40 54" width="40" height="54" aria-hidden="true">
    <g class:lifted={one.shut <= 0.5}>
      <path d="M10 22 V13 a10 10 0 0 1 20 0 V22" class="shackle" />
    </g>
    <rect x="5" y="22" width="30" height={HEIGHT} class="body" />
    <rect x="5" y={22 + HEIGHT * (1 - one.shut)} width="30" height={HEIGHT * one.shut} class="fill" />
  </svg>
  <span class="word" class:bad={one.shut > 0.5}>{word(one.shut)}</span>
  <span class="label">{one.label}</span>
{/snippet}

<ul>
  {#each locks as one (one.id)}
    <li>
      {#if onchoose}
        <button type="button" aria-pressed={chosen === one.id} onclick={() => onchoose(one.id)}>
          {@render lock(one)}
        </button>
      {:else}
        <div>{@render lock(one)}</div>
      {/if}
    </li>
  {/each}
</ul>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }

  li {
    flex: 1 1 5rem;
    max-width: 9rem;
  }

  button,
  div {
    display: grid;
    justify-items: center;
    align-content: start;
    gap: 0.1rem;
    width: 100%;
    height: 100%;
    padding: 0.4rem 0.25rem;
    text-align: center;
    line-height: 1.15;
  }

  button[aria-pressed='true'] {
    background: var(--act-tint);
    box-shadow: inset 0 -4px 0 var(--act);
  }

  .shackle {
    fill: none;
    stroke: var(--soft);
    stroke-width: 4;
  }

  .lifted {
    transform: translateY(-6px) rotate(-14deg);
    transform-origin: 30px 22px;
  }

  .body {
    fill: var(--card);
    stroke: var(--soft);
    stroke-width: 2;
  }

  .fill {
    fill: var(--danger);
  }

  .word {
    font-weight: 700;
    color: var(--act);
  }

  .bad {
    color: var(--danger);
  }

  .label {
    font-size: 0.92rem;
  }
</style>
