<script lang="ts">
  import type { Schemas } from '../api/client';
  import LinkedText from './LinkedText.svelte';
  import { minutes } from './words';

  /** What of a record can't be right together, and each way to put it right: on the craft, or on the sheet alone. */
  let {
    conflict,
    craftId,
    busy = false,
    onsettle
  }: {
    conflict: Schemas['ConflictView'];
    craftId: string;
    busy?: boolean;
    /** Takes the way, from 1, and whether something was done to the craft; left out where it is settled elsewhere. */
    onsettle?: (way: number, made: boolean) => void;
  } = $props();

  const SEVERITIES: Record<Schemas['ConflictView']['severity'], string> = {
    HAZARD: 'Hazard',
    CANNOT_WORK: 'Can’t work',
    DOUBTFUL: 'Not certain'
  };
</script>

<article class={conflict.severity.toLowerCase()}>
  <p><strong>{SEVERITIES[conflict.severity]}:</strong> {conflict.cause}.</p>
  {#each conflict.ways as way, i (way.way)}
    <section>
      <h3>{i === 0 ? '' : 'Or: '}{way.title} <span class="small">{minutes(way.minutes)}</span></h3>
      <ol>
        {#each way.steps as step, i (i)}<li><LinkedText parts={step} {craftId} /></li>{/each}
      </ol>
      {#if onsettle}
        <p class="do">
          <button class="quiet" type="button" disabled={busy} onclick={() => onsettle(way.way, true)}
            >Done on the craft</button
          >
          <button class="plain" type="button" disabled={busy} onclick={() => onsettle(way.way, false)}
            >The craft is right: correct the record</button
          >
        </p>
      {/if}
    </section>
  {:else}
    <p>{conflict.remedy}.</p>
  {/each}
</article>

<style>
  article {
    display: grid;
    gap: 0.6rem;
    border-left: 4px solid var(--doubt);
    padding-left: 0.9rem;
    margin-bottom: 1rem;
  }

  .hazard {
    border-color: var(--danger);
  }

  h3 {
    font-size: 1rem;
  }

  ol {
    list-style: decimal;
    padding-left: 1.3rem;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    margin-top: 0.3rem;
  }
</style>
