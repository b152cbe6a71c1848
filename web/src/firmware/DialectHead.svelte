<script lang="ts">
  import type { FamilyState } from './dialects.svelte';

  /** What a dialect is called, its versions, and how a line of it begins. */
  let { dialect }: { dialect: FamilyState } = $props();
</script>

<div class="own">
  <div class="field">
    <label for="family-id">ID, lower case</label>
    <input id="family-id" class="entry figure" bind:value={dialect.id} autocomplete="off" />
  </div>
  <div class="field">
    <label for="family-label">Name</label>
    <input id="family-label" class="entry" bind:value={dialect.label} autocomplete="off" />
  </div>
  <div class="field">
    <label for="family-assigns">A setting line begins with</label>
    <input id="family-assigns" class="entry figure" bind:value={dialect.assigns} autocomplete="off" />
  </div>
  <div class="field">
    <label for="family-versions">Versions, the oldest first</label>
    <input id="family-versions" class="entry figure" bind:value={dialect.versions} autocomplete="off" />
  </div>
</div>

<style>
  .own {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
    gap: 0.8rem;
  }
</style>
