<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';

  /** A number to enter, with its unit at the end of the label. */
  let {
    id,
    label,
    value = $bindable(),
    hint = ''
  }: { id: string; label: string; value: number | null; hint?: string } = $props();
  let unit = $derived(/, (V|A|W|mAh|ohm|mΩ|mm|m|g|Hz|s|°|°C|%)$/.exec(label)?.[1] ?? '');
</script>

<div class="field">
  <label for={id}>{label}</label>
  <NumberEntry {id} {unit} class="entry reading" bind:value />
  {#if hint}<span class="small">{hint}</span>{/if}
</div>
