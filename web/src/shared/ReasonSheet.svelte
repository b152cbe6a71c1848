<script lang="ts">
  import Sheet from './Sheet.svelte';

  /** Asks for a reason before something is done against advice. */
  let {
    open,
    title,
    text,
    action,
    onclose,
    ongive
  }: {
    open: boolean;
    title: string;
    text: string;
    action: string;
    onclose: () => void;
    ongive: (reason: string) => void;
  } = $props();

  let reason = $state('');
  $effect(() => {
    if (open) {
      reason = '';
    }
  });
</script>

<Sheet {open} {title} {onclose}>
  <form
    onsubmit={(event) => {
      event.preventDefault();
      ongive(reason);
    }}
  >
    <p>{text}</p>
    <div class="field">
      <label for="reason">Reason, for the log</label>
      <input id="reason" class="entry" bind:value={reason} maxlength="400" />
    </div>
    <div class="do">
      <button class="act" disabled={reason.trim() === ''}>{action}</button>
      <button class="quiet" type="button" onclick={onclose}>Leave it</button>
    </div>
  </form>
</Sheet>
