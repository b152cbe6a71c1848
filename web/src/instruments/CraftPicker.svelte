<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';

  /** The craft that an instrument is for. */
  let {
    craftId = $bindable(),
    none = '',
    onchange = () => {}
  }: {
    craftId: string;
    /** What it is called to choose none. Default: one has to be chosen. */
    none?: string;
    onchange?: () => void;
  } = $props();

  const crafts = new Loading<Schemas['ListedCraft'][]>();
  onMount(() => void crafts.load(() => ask(api.GET('/api/crafts'))));
</script>

<div class="field">
  <label for="craft">Craft</label>
  <select id="craft" class="entry" bind:value={craftId} {onchange}>
    {#if none}<option value="">{none}</option>{:else}<option value="" disabled>Choose…</option>{/if}
    {#each crafts.value ?? [] as craft (craft.craftId)}
      <option value={craft.craftId}>{craft.craftId} – {craft.name}</option>
    {/each}
  </select>
</div>
