<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { Files } from './files.svelte';

  /** A file as a small picture or by its name; it opens in a page of its own. */
  let { files, file }: { files: Files; file: Schemas['KeptFile'] } = $props();
</script>

<a href={files.address(file)} target="_blank" class:picture={file.picture}>
  {#if file.picture}<img src={files.address(file)} alt={file.name} loading="lazy" />{:else}{file.name}{/if}
</a>

<style>
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    overflow-wrap: anywhere;
  }

  img {
    height: 5rem;
    max-width: 9rem;
    object-fit: cover;
    border: 1px solid var(--rule);
    border-radius: 3px;
  }
</style>
