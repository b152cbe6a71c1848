<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { Files } from '../files/files.svelte';
  import PhotoButton from '../files/PhotoButton.svelte';
  import Thumb from '../files/Thumb.svelte';
  import Notice from '../shared/Notice.svelte';
  import { moment } from '../shared/words';
  import LineSheet from './LineSheet.svelte';

  /** The log of a craft, each line with the photos that belong to it. */
  let {
    chart,
    files,
    onchanged
  }: { chart: Schemas['Chart']; files: Files; onchanged: (chart: Schemas['Chart']) => void } = $props();

  let righted = $state.raw<Schemas['LogEntry']>();
</script>

<ol class="dated">
  {#each chart.log as entry (entry.id)}
    <li>
      <time class="small figure" datetime={entry.at}>{moment(entry.at)}</time>
      <span>
        {#if entry.kind === 'withdrawn'}<s>{entry.text}</s>
          <span class="small">taken back</span>{:else}{entry.text}{/if}
        {#each chart.corrections.filter((one) => one.entryId === entry.id) as one (one.at)}
          <span class="small before">was “{one.before}”: {one.reason}</span>
        {/each}
        {#if entry.byHand}<button class="plain small" onclick={() => (righted = entry)}>Correct…</button>{/if}
        {#if entry.workUpId}<a href={`/work-ups/${entry.workUpId}`}>work-up {entry.workUpId}</a>{/if}
        {#each files.besideLine(entry.id) as file (file.id)}<Thumb {files} {file} />{/each}
        {#if files.line === entry.id}<Notice text={files.error} />{/if}
        <PhotoButton of={entry.text} onphoto={(file) => void files.keep(file, { line: entry.id })} />
      </span>
    </li>
  {/each}
</ol>
{#if righted}
  <LineSheet craftId={chart.craftId} line={righted} onclose={() => (righted = undefined)} {onchanged} />
{/if}

<style>
  .before {
    display: block;
  }
</style>
