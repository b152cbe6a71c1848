<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  /** A sheet laid over the page; Escape puts it away. */
  let {
    open,
    title,
    onclose,
    children
  }: { open: boolean; title: string; onclose: () => void; children: Snippet } = $props();
</script>

<Dialog {open} onOpenChange={(change) => !change.open && onclose()}>
  <Portal>
    <Dialog.Backdrop class="over-backdrop" />
    <Dialog.Positioner class="over-place">
      <Dialog.Content class="over-sheet">
        <Dialog.Title class="over-title">{title}</Dialog.Title>
        {@render children()}
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>

<style>
  :global(.over-backdrop) {
    position: fixed;
    inset: 0;
    background: rgb(20 16 10 / 0.55);
    z-index: 40;
  }

  :global(.over-place) {
    position: fixed;
    inset: 0;
    display: flex;
    justify-content: center;
    align-items: flex-start;
    padding: 8vh 1rem 1rem;
    z-index: 50;
  }

  :global(.over-sheet) {
    background: var(--card);
    color: var(--ink);
    border: 1px solid var(--soft);
    border-radius: 4px;
    padding: 1.2rem 1.5rem 1.5rem;
    width: min(680px, 100%);
    max-height: 84vh;
    overflow-y: auto;
  }

  :global(.over-title) {
    font-size: 1.25rem;
    font-weight: 700;
    margin-bottom: 0.8rem;
  }

  :global(.over-sheet form) {
    display: grid;
    gap: 0.9rem;
  }

  :global(.over-sheet .do) {
    display: flex;
    gap: 0.8rem;
  }
</style>
