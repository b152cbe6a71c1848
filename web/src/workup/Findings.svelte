<script lang="ts">
  import { onMount } from 'svelte';
  import { Files } from '../files/files.svelte';
  import PhotoButton from '../files/PhotoButton.svelte';
  import Thumb from '../files/Thumb.svelte';
  import Notice from '../shared/Notice.svelte';
  import { clock, day } from '../shared/words';
  import type { WorkUpState } from './state.svelte';

  /** What is known, as a running margin. */
  let { work }: { work: WorkUpState } = $props();

  let lines = $derived(work.view!.evidence);
  // svelte-ignore state_referenced_locally
  const files = new Files(work.view!.craftId);
  onMount(() => void files.look());
</script>

<h2>Known</h2>
<Notice text={files.error} />
<ol>
  {#each lines as line, i (line.n)}
    {#if i === 0 || day(lines[i - 1]!.at) !== day(line.at)}
      <li class="day small">{day(line.at)}</li>
    {/if}
    <li class:back={line.takenBack} class:before={line.before} class:fix={line.sort === 'fix'}>
      <span class="time figure">{clock(line.at)}</span>
      <span class="title">{line.title}</span>
      {#each line.answers as answer, i (i)}<span class="answer">{answer}</span>{/each}
      {#if line.sureness && line.sureness !== 'sure'}<span class="small">{line.sureness}</span>{/if}
      {#if line.cleared.length > 0}<span class="small cleared">clears {line.cleared.join(', ')}</span>{/if}
      {#if line.takenBack}<span class="small">taken back</span>
      {:else if line.before}<span class="small">before the fix</span>{/if}
      {#each files.beside(work.view!.id, line.n) as file (file.id)}<Thumb {files} {file} />{/each}
      <span class="acts-of">
        {#if line.sort === 'finding' && !line.takenBack}
          <PhotoButton
            of={line.title}
            onphoto={(file) => void files.keep(file, { workUp: work.view!.id, n: line.n })}
          />
        {/if}
        {#if line.canTakeBack}
          <button class="plain" onclick={() => void work.takeBack(line.n)} aria-label={`Undo: ${line.title}`}>
            undo
          </button>
        {/if}
      </span>
    </li>
  {:else}
    <li class="small">Nothing yet.</li>
  {/each}
</ol>

<style>
  ol {
    margin-top: 0.4rem;
  }

  li {
    display: grid;
    padding: 0.5rem 0 0.1rem;
    border-bottom: 1px solid var(--rule);
  }

  li.day {
    border-bottom: none;
    padding-bottom: 0;
  }

  .time {
    color: var(--soft);
    font-size: 1rem;
  }

  .title {
    color: var(--soft);
    line-height: 1.3;
  }

  .answer {
    font-weight: 700;
    line-height: 1.3;
  }

  .fix .title {
    color: var(--act);
    font-weight: 700;
  }

  .fix .answer {
    font-weight: 400;
  }

  .back .answer,
  .back .title {
    text-decoration: line-through;
    font-weight: 400;
  }

  .cleared {
    line-height: 1.3;
    border-left: 3px solid var(--act);
    padding-left: 0.5rem;
    margin: 0.2rem 0;
  }

  .plain {
    font-size: 1rem;
    justify-self: start;
  }

  .acts-of {
    display: flex;
    gap: 1.2rem;
    align-items: center;
  }
</style>
