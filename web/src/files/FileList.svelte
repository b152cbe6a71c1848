<script lang="ts">
  import DropFile from '../shared/DropFile.svelte';
  import Notice from '../shared/Notice.svelte';
  import { day } from '../shared/words';
  import type { Files } from './files.svelte';
  import Thumb from './Thumb.svelte';

  /** All photos and files of a craft, and a place to drop another. */
  let { files }: { files: Files } = $props();
</script>

<section>
  <h2>Photos and files</h2>
  <Notice text={files.line === undefined ? files.error : ''} />
  <ul>
    {#each files.all as file (file.id)}
      <li>
        <Thumb {files} {file} />
        <span class="small"
          >{day(file.at)}
          {#if file.logId}of the log{/if}
          {#if file.workUpId}<a href={`/work-ups/${file.workUpId}`}>work-up {file.workUpId}</a>{/if}
          <button class="plain" onclick={() => void files.takeOff(file)}
            >take off<span class="sr-only"> {file.name}</span></button
          ></span
        >
      </li>
    {/each}
  </ul>
  <DropFile label="Drop a photo, a PDF or a text" onfile={(file) => void files.keep(file)} />
</section>

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

  li {
    display: grid;
    justify-items: start;
  }
</style>
