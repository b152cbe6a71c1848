<script lang="ts">
  /** A number to enter, with its unit in the label. */
  let {
    id,
    label,
    value = $bindable(),
    hint = ''
  }: { id: string; label: string; value: number | null; hint?: string } = $props();
</script>

<div class="field">
  <label for={id}>{label}</label>
  <input {id} class="entry reading" type="number" step="any" bind:value />
  {#if hint}<span class="small">{hint}</span>{/if}
</div>
