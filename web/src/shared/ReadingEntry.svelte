<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import { understood } from './number';

  /** The field for a reading: any unit of its quantity, OL, or that it climbs; shows what it understood. */
  let {
    scale,
    text = $bindable(),
    onwrite,
    class: look = 'entry reading',
    ...rest
  }: {
    scale: { unit: string; example: string };
    text: string;
    onwrite?: (text: string) => void;
  } & Omit<HTMLInputAttributes, 'value'> = $props();

  let said = $derived(understood(text, scale.unit));
</script>

<span class="number">
  <input
    {...rest}
    class={look}
    value={text}
    oninput={(event) => {
      text = event.currentTarget.value;
      onwrite?.(text);
    }}
    autocomplete="off"
    maxlength="40"
    placeholder={`such as ${scale.example}`}
  />
  {#if said}<span class="small figure">{said}</span>{/if}
</span>

<style>
  .number {
    display: grid;
    min-width: 0;
  }
</style>
