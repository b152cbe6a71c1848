<script lang="ts">
  import type { Snippet } from 'svelte';
  import DropFile from './DropFile.svelte';

  /** Takes a text: a file dropped or chosen, or what is pasted. */
  let {
    label,
    button,
    busy = false,
    ontext,
    children
  }: {
    /** What is dropped here. */
    label: string;
    /** What the button for pasted text says. */
    button: string;
    busy?: boolean;
    /** Tells whether it was taken; then the pasted text goes. */
    ontext: (text: Blob, name: string) => Promise<boolean>;
    /** What stands beside the button. */
    children?: Snippet;
  } = $props();

  let pasted = $state('');

  async function paste(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await ontext(new Blob([pasted]), 'pasted.txt')) {
      pasted = '';
    }
  }
</script>

<DropFile {label} onfile={(file) => void ontext(file, file.name)} />
<form onsubmit={paste}>
  <div class="field">
    <label for="pasted">or paste it</label>
    <textarea
      id="pasted"
      class="entry figure"
      rows="3"
      bind:value={pasted}
      spellcheck="false"
      placeholder="name = value"
    ></textarea>
  </div>
  <div class="do">
    <button class="quiet" disabled={pasted.trim() === '' || busy}>{button}</button>
    {@render children?.()}
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 0.7rem;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem 1.2rem;
    align-items: center;
  }
</style>
