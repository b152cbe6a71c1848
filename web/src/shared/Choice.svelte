<script lang="ts">
  /** One of several answers, chosen by press or by its key where it has one. */
  let {
    label,
    digit,
    chosen,
    onchoose
  }: { label: string; digit?: string | undefined; chosen: boolean; onchoose: () => void } = $props();
</script>

<button type="button" aria-pressed={chosen} onclick={onchoose}>
  {#if digit !== undefined}<kbd>{digit}</kbd>{/if}
  {label}
</button>

<style>
  button {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
    padding: 0.25rem 0.6rem;
    text-align: left;
    background: var(--paper);
    border: 1px solid var(--rule);
    border-radius: 3px;
    line-height: 1.2;
  }

  button[aria-pressed='true'] {
    background: var(--act-tint);
    border-color: var(--act);
    box-shadow: inset 4px 0 0 var(--act);
    font-weight: 700;
  }
</style>
