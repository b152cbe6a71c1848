<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import { readNumber } from './number';

  /** The one field for a number: reads it as people write it, shows what it understood and refuses the rest. */
  let {
    value = $bindable(),
    unit = '',
    min,
    max,
    whole = false,
    onnumber,
    class: look = 'entry',
    ...rest
  }: {
    value: number | null | undefined;
    unit?: string;
    min?: number;
    max?: number;
    whole?: boolean;
    /** Takes what was understood, once it was entered; nothing where the field is empty. */
    onnumber?: (value: number | null) => void;
  } & Omit<HTMLInputAttributes, 'value' | 'min' | 'max' | 'type'> = $props();

  /** What was typed, with the value that it left; another value that comes from elsewhere replaces it. */
  let typed = $state.raw<{ text: string; left: number | null | undefined }>();
  let shown = $derived(typed && typed.left === value ? typed.text : value == null ? '' : String(value));
  let read = $derived(readNumber(shown, { unit, min, max, whole }));

  function take(event: Event & { currentTarget: HTMLInputElement }): void {
    const text = event.currentTarget.value;
    const now = readNumber(text, { unit, min, max, whole });
    event.currentTarget.setCustomValidity('wrong' in now ? now.wrong : '');
    if (!('wrong' in now)) {
      value = now.value;
    }
    typed = { text, left: value };
  }

  function give(event: Event & { currentTarget: HTMLInputElement }): void {
    take(event);
    if (!('wrong' in read)) {
      onnumber?.(read.value);
    }
  }
</script>

<span class="number">
  <input
    {...rest}
    type="text"
    inputmode="decimal"
    autocomplete="off"
    maxlength="24"
    class={look}
    value={shown}
    aria-invalid={'wrong' in read || undefined}
    oninput={take}
    onchange={give}
  />
  {#if 'wrong' in read}<span class="small wrong" role="alert">{read.wrong}</span>
  {:else if read.said}<span class="small figure">{read.said}</span>{/if}
</span>

<style>
  .number {
    display: grid;
    min-width: 0;
  }

  .wrong {
    color: var(--danger);
  }
</style>
