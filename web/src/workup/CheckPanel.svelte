<script lang="ts">
  import type { Schemas } from '../api/client';
  import Place from '../shared/Place.svelte';
  import StepsInLine from '../shared/StepsInLine.svelte';
  import { minutes } from '../shared/words';
  import Cautions from './Cautions.svelte';
  import Listed from './Listed.svelte';
  import Outcomes from './Outcomes.svelte';
  import Predictions from './Predictions.svelte';
  import ReadyBench from './ReadyBench.svelte';
  import Recorded from './Recorded.svelte';
  import type { WorkUpState } from './state.svelte';

  /** One check: why, how to get there, how to do it, what to enter. */
  let {
    work,
    card,
    onothers,
    onown
  }: { work: WorkUpState; card: Schemas['CheckCard']; onothers: () => void; onown: () => void } = $props();

  let view = $derived(work.view!);
  /** Leads and parts are drawn across; the craft from above stands beside. */
  let wide = $derived(['PROBES', 'PART'].includes(card.place.kind) && view.map !== undefined);
  let proving = $derived(view.stage === 'PROVING' && !work.outOfTurn);
</script>

<article>
  <header>
    <p class="small">
      {#if work.outOfTurn}Out of turn{:else if proving}Proof{:else}Next check{/if} · {minutes(card.minutes)} ·
      <a href={`/handbook/${card.kind}`}>handbook</a>
    </p>
    <h2>{card.title}</h2>
    {#if card.before.length > 0}
      <p class="again">
        A second look: the first gave {card.before.join(', ')}. Both count.
      </p>
    {/if}
    {#if card.why && !work.outOfTurn}<p class="small">{card.why}</p>{/if}
  </header>

  <Cautions cautions={card.cautions} />

  <div class="how" class:wide>
    <div class="do">
      {#if !card.ready}<ReadyBench {work} {card} />{/if}
      <StepsInLine steps={card.instruction} craftId={view.craftId} />
      {#if wide}<Place place={card.place} map={view.map} label={card.title} />{/if}
      {#if card.takesRecording}<Recorded {work} {card} />{/if}
      {#if card.takesExport || card.readsBack}<Listed {work} {card} />{/if}
      {#if !card.takesExport}<Outcomes {work} {card} />{/if}
    </div>
    {#if !wide}
      <div class="drawing">
        <Place
          place={card.place}
          drawing={view.drawing}
          map={view.map}
          label={`${view.craftId} from above, nose up`}
        />
      </div>
    {/if}
  </div>

  <div class="more">
    {#if !proving}
      <button class="plain" onclick={() => void work.skip()}>Set aside <kbd>s</kbd></button>
    {/if}
    <button class="plain" onclick={onothers}>Another check <kbd>o</kbd></button>
    <button class="plain" onclick={onown}>Own suspicion or test <kbd>t</kbd></button>
    {#if work.outOfTurn}
      <button class="plain" onclick={() => (work.outOfTurn = undefined)}>Back to the plan</button>
    {:else if work.checkOn}
      <button class="plain" onclick={() => (work.checkOn = false)}>Back to the fix</button>
    {/if}
  </div>

  {#if !proving}
    <Predictions predictions={card.predictions} />
    {#if view.ahead.length > 0 && !work.outOfTurn}
      <div class="ahead">
        <h3>Then, if nothing surprises</h3>
        <ol>
          {#each view.ahead as title, i (i)}<li>{title}</li>{/each}
        </ol>
      </div>
    {/if}
  {/if}
</article>

<style>
  .again {
    color: var(--doubt);
  }

  article {
    display: grid;
    gap: 1rem;
  }

  h2 {
    font-size: 1.45rem;
  }

  .how {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(12rem, 18rem);
    gap: 1.2rem;
    align-items: start;
  }

  .how.wide {
    grid-template-columns: minmax(0, 1fr);
  }

  .do {
    display: grid;
    gap: 0.9rem;
  }

  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.4rem;
  }

  .ahead ol {
    list-style: decimal;
    padding-left: 1.4rem;
    color: var(--soft);
  }

  @media (max-width: 1100px) {
    .how {
      grid-template-columns: 1fr;
    }

    .drawing {
      max-width: 17rem;
    }
  }
</style>
