<script lang="ts">
  import type { Schemas } from '../api/client';
  import BeliefBar from '../shared/BeliefBar.svelte';
  import { percent, times } from '../shared/words';
  import type { WorkUpState } from './state.svelte';

  /** The suspects by falling belief, each with its why. */
  let { work, why, onwhy }: { work: WorkUpState; why: boolean; onwhy: () => void } = $props();

  let view = $derived(work.view!);
</script>

{#snippet reasons(why: Schemas['Reasons'])}
  <ul class="why">
    <li class="small">Before anything was found: 1 in {Math.max(1, Math.round(1 + 1 / why.startingOdds))}</li>
    {#each why.reasons as reason (reason.n)}
      <li>
        <span class="ratio figure">{times(reason.ratio)}</span>
        <span>{reason.title}: <em>{reason.word}</em></span>
      </li>
    {/each}
  </ul>
{/snippet}

<div class="top">
  <h2>Suspects</h2>
  <button class="plain" aria-expanded={why} onclick={onwhy}>{why ? 'Less' : 'Why'} <kbd>w</kbd></button>
</div>
<ol>
  {#each view.suspects as suspect (suspect.faultId)}
    <li>
      <a class="name" href={`/handbook/${suspect.kind}`}>{suspect.title}</a>
      {#each suspect.others as other, i (i)}<span class="small">or: {other}</span>{/each}
      <BeliefBar belief={suspect.belief} word={suspect.word} />
      {#if why}{@render reasons(suspect.why)}{/if}
      {#if view.stage !== 'CLOSED' && suspect.belief > 0.08}
        <button class="plain" onclick={() => void work.openFix(suspect.faultId)}>How to fix it</button>
      {/if}
    </li>
  {/each}
  {#if view.rest.count > 0 && view.rest.belief >= 0.005}
    <li>
      <details>
        <summary class="name">{view.rest.count} others, unlikely</summary>
        <ul class="small">
          {#each view.rest.titles as title, i (i)}<li>{title}</li>{/each}
        </ul>
      </details>
      <BeliefBar belief={view.rest.belief} word="together" />
    </li>
  {/if}
  <li>
    <span class="name">{view.made.length > 0 ? 'Nothing is wrong any more' : 'Nothing is wrong'}</span>
    <BeliefBar belief={view.rest.nothing} word={view.rest.nothing >= 0.5 ? 'likely' : ''} />
  </li>
  <li>
    <span class="name">None of the known faults</span>
    <BeliefBar belief={view.notInBook.belief} word={view.notInBook.word} />
    {#if why}{@render reasons(view.notInBook.why)}{/if}
  </li>
</ol>
<p class="small foot">
  {#if view.astray > 0.02}A fix was not needed: {percent(view.astray)}. Undo it if the trouble stays.{/if}
  {#if view.rest.twice >= 0.005}
    Two of these at once: {percent(view.rest.twice)} likely; counted with both.
  {/if}
</p>

<style>
  .top {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  ol > li {
    display: grid;
    gap: 0.15rem;
    padding: 0.55rem 0;
    border-bottom: 1px solid var(--rule);
  }

  .name {
    color: var(--ink);
    text-decoration-color: var(--rule);
    line-height: 1.3;
    font-weight: 700;
    overflow-wrap: anywhere;
  }

  .why li {
    display: grid;
    grid-template-columns: 4rem 1fr;
    gap: 0.4rem;
    font-size: 1rem;
    line-height: 1.3;
    padding: 0.2rem 0;
  }

  .why li.small {
    display: block;
  }

  .ratio {
    text-align: right;
  }

  .foot {
    margin-top: 0.6rem;
  }
</style>
