<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { Files } from '../files/files.svelte';
  import PhotoButton from '../files/PhotoButton.svelte';
  import Thumb from '../files/Thumb.svelte';
  import { moment } from '../shared/words';

  /** The log of a craft, each line with the photos that belong to it. */
  let { log, files }: { log: Schemas['LogEntry'][]; files: Files } = $props();
</script>

<ol>
  {#each log as entry (entry.id)}
    <li>
      <time class="small figure" datetime={entry.at}>{moment(entry.at)}</time>
      <span>
        {entry.text}
        {#if entry.workUpId}<a href={`/work-ups/${entry.workUpId}`}>work-up {entry.workUpId}</a>{/if}
        {#each files.besideLine(entry.id) as file (file.id)}<Thumb {files} {file} />{/each}
        <PhotoButton of={entry.text} onphoto={(file) => void files.keep(file, { line: entry.id })} />
      </span>
    </li>
  {/each}
</ol>

<style>
  li {
    display: grid;
    grid-template-columns: 8.2rem 1fr;
    gap: 0.8rem;
    padding: 0.4rem 0;
    border-bottom: 1px solid var(--rule);
  }
</style>
