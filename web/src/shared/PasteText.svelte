<script lang="ts">
  /** A text to paste into a board, with a button that copies it. */
  let { text }: { text: string } = $props();

  let copied = $state('');

  async function copy(): Promise<void> {
    await navigator.clipboard.writeText(text);
    copied = text;
  }
</script>

<pre class="figure">{text}</pre>
<p class="do">
  <button class="quiet" type="button" onclick={() => void copy()}
    >{copied === text ? 'Copied' : 'Copy the text'}</button
  >
  <span class="small">Paste it, save, let the FC restart, export again and drop the file here.</span>
</p>

<style>
  pre {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
    max-width: 100%;
    padding: 0.6rem 0.8rem;
    background: var(--paper);
    border: 1px solid var(--rule);
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    align-items: center;
    margin-top: 0.5rem;
  }
</style>
