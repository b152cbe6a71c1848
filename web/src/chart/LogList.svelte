<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { Files } from '../files/files.svelte';
  import PhotoButton from '../files/PhotoButton.svelte';
  import Thumb from '../files/Thumb.svelte';
  import Notice from '../shared/Notice.svelte';
  import { moment } from '../shared/words';

  /** The log of a craft, each line with the photos that belong to it. */
  let { log, files }: { log: Schemas['LogEntry'][]; files: Files } = $props();
</script>

<ol class="dated">
  {#each log as entry (entry.id)}
    <li>
      <time class="small figure" datetime={entry.at}>{moment(entry.at)}</time>
      <span>
        {entry.text}
        {#if entry.workUpId}<a href={`/work-ups/${entry.workUpId}`}>work-up {entry.workUpId}</a>{/if}
        {#each files.besideLine(entry.id) as file (file.id)}<Thumb {files} {file} />{/each}
        {#if files.line === entry.id}<Notice text={files.error} />{/if}
        <PhotoButton of={entry.text} onphoto={(file) => void files.keep(file, { line: entry.id })} />
      </span>
    </li>
  {/each}
</ol>
