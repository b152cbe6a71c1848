<script lang="ts">
  import { instrumentPages, learnInstruments } from './instruments.svelte';
  import { pieces } from './named';

  /** A text of a check or a fix; the instruments that it names are links. */
  let { text }: { text: string } = $props();

  $effect(() => {
    if (text.includes('“')) {
      void learnInstruments();
    }
  });
</script>

{#each pieces(text, instrumentPages()) as piece, i (i)}{#if piece.to}<a href={piece.to}>{piece.text}</a
    >{:else}{piece.text}{/if}{/each}
