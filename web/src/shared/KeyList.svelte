<script lang="ts">
  import { keys } from './keys.svelte';
  import Sheet from './Sheet.svelte';

  let { open, onclose }: { open: boolean; onclose: () => void } = $props();

  let shown = $derived(keys.all.filter((key) => !key.silent));
</script>

<Sheet {open} title="Keys" {onclose}>
  <dl>
    {#each shown as key (key.key)}
      <dt>
        {#each key.key.split(' ') as part, i (i)}<kbd>{part}</kbd>
        {/each}
      </dt>
      <dd>{key.label}</dd>
    {/each}
  </dl>
  <button class="quiet" onclick={onclose}>Close</button>
</Sheet>

<style>
  dl {
    display: grid;
    grid-template-columns: 7rem 1fr;
    row-gap: 0.35rem;
    margin-bottom: 1rem;
  }
</style>
