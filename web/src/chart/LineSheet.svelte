<script lang="ts">
  import { api, ask, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';
  import Sheet from '../shared/Sheet.svelte';

  /** Puts a line of the log right that was written by mistake, or takes it back. */
  let {
    craftId,
    line,
    onclose,
    onchanged
  }: {
    craftId: string;
    line: Schemas['LogEntry'];
    onclose: () => void;
    onchanged: (chart: Schemas['Chart']) => void;
  } = $props();

  let text = $derived(line.text);
  let reason = $state('');
  let error = $state('');
  let path = $derived({ path: { craftId, id: line.id } });
  let kind = $derived(line.kind.toUpperCase() as Schemas['LineRight']['kind']);

  async function change(changed: () => Promise<Schemas['Chart']>): Promise<void> {
    error = '';
    try {
      onchanged(await changed());
      onclose();
    } catch (thrown) {
      error = words(thrown);
    }
  }

  function put(event: SubmitEvent): void {
    event.preventDefault();
    void change(() =>
      ask(api.PUT('/api/crafts/{craftId}/log/{id}', { params: path, body: { kind, text, reason } }))
    );
  }

  function takeBack(): void {
    void change(() =>
      ask(api.POST('/api/crafts/{craftId}/log/{id}/withdrawal', { params: path, body: { reason } }))
    );
  }
</script>

<Sheet open title="Put a line of the log right" {onclose}>
  <form onsubmit={put}>
    <div class="field">
      <label for="line-text">What happened</label>
      <input id="line-text" class="entry" bind:value={text} maxlength="400" />
    </div>
    <div class="field">
      <label for="line-reason">What was wrong with it</label>
      <input id="line-reason" class="entry" bind:value={reason} maxlength="400" />
    </div>
    <p class="small">The earlier text stays in its history. A line that is undone no longer counts.</p>
    <Notice text={error} />
    <div class="do">
      <button class="act" disabled={reason.trim() === '' || text.trim() === ''}>Put it right</button>
      <button class="quiet" type="button" disabled={reason.trim() === ''} onclick={takeBack}>Undo</button>
      <button class="quiet" type="button" onclick={onclose}>Leave it</button>
    </div>
  </form>
</Sheet>
