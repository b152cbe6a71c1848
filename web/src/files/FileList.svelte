<script lang="ts">
  import type { Schemas } from '../api/client';
  import DropFile from '../shared/DropFile.svelte';
  import Notice from '../shared/Notice.svelte';
  import { day } from '../shared/words';
  import type { Files } from './files.svelte';
  import FileSheet from './FileSheet.svelte';
  import Thumb from './Thumb.svelte';

  /** All photos and files of a craft, and a place to drop another. */
  let { files }: { files: Files } = $props();

  let right = $state<Schemas['KeptFile']>();

  function called(id: number): string {
    return files.all.find((file) => file.id === id)?.name ?? 'a file that is gone';
  }
</script>

<section>
  <h2>Photos and files</h2>
  <Notice text={files.line === undefined ? files.error : ''} />
  <ul>
    {#each files.shown as file (file.id)}
      <li>
        <Thumb {files} {file} />
        <span class="small"
          >{day(file.at)}
          {#if file.logId}of the log{/if}
          {#if file.workUpId}<a href={`/work-ups/${file.workUpId}`}>work-up {file.workUpId}</a>{/if}
          <button class="plain" aria-label={`correct ${file.name}`} onclick={() => (right = file)}
            >correct</button
          ></span
        >
      </li>
    {/each}
  </ul>
  {#if files.history.length > 0}
    <details>
      <summary>Corrections ({files.history.length})</summary>
      <ul class="history">
        {#each files.history as one (`${one.entryId} ${one.at}`)}
          <li>
            {day(one.at)}: {called(one.entryId)}
            {one.withdrawn ? 'was removed' : 'was corrected'}, before: {one.before} ({one.reason})
          </li>
        {/each}
      </ul>
      {#each files.takenOff as file (file.id)}
        <p>
          <a href={files.address(file)} target="_blank">{file.name}</a> was removed.
          <button class="plain" aria-label={`bring back ${file.name}`} onclick={() => (right = file)}
            >bring back</button
          >
        </p>
      {/each}
    </details>
  {/if}
  <DropFile label="Drop a photo, a PDF or a text" onfile={(file) => void files.keep(file)} />
</section>

{#if right}<FileSheet {files} file={right} onclose={() => (right = undefined)} />{/if}

<style>
  section {
    margin: 1.6rem 0;
    display: grid;
    gap: 0.6rem;
  }

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem;
  }

  .history {
    display: grid;
    gap: 0.2rem;
  }

  li {
    display: grid;
    justify-items: start;
  }
</style>
