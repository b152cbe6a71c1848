<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import type { SnapshotsState } from '../snapshot/snapshots.svelte';

  /** One setting changed in thought, and what would follow. */
  let { snapshots }: { snapshots: SnapshotsState } = $props();

  const settings = new Loading<Schemas['SettingView'][]>();
  onMount(() => void settings.load(() => ask(api.GET('/api/settings'))));
  let board = $derived(settings.value?.filter((one) => one.device === 'flight controller') ?? []);
  let id = $state('');
  let value = $state('');
  let setting = $derived(board.find((one) => one.id === id));

  function think(event: SubmitEvent): void {
    event.preventDefault();
    void snapshots.think(id, value);
  }
</script>

<h3>What if</h3>
<form onsubmit={think}>
  <label for="thought-setting">If</label>
  <select id="thought-setting" class="entry" bind:value={id} onchange={() => (value = '')}>
    <option value="">choose a setting</option>
    {#each board as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
  </select>
  <label for="thought-value">were</label>
  {#if setting && setting.values.length > 0}
    <select id="thought-value" class="entry" bind:value>
      <option value="">choose</option>
      {#each setting.values as one (one.written)}<option value={one.written}>{one.said}</option>{/each}
    </select>
  {:else}
    <input
      id="thought-value"
      class="entry"
      bind:value
      autocomplete="off"
      maxlength="60"
      placeholder={setting ? `such as ${setting.usual}` : ''}
    />
  {/if}
  <button class="quiet" disabled={!id || value.trim() === ''}>Show effects</button>
</form>
<div aria-live="polite">
  {#if snapshots.whatIf}
    {@const then = snapshots.whatIf}
    <p>
      {then.label}: <span class="figure">{then.before} → {then.after}</span>.
      {#if then.causes.length > 0}Its owner would say: <strong>{then.causes.join('; ')}</strong>.{/if}
      {#if then.cures.length > 0}It would end: <strong>{then.cures.join('; ')}</strong>.{/if}
      {#if then.causes.length + then.cures.length === 0}An owner would see no difference.{/if}
      {#each then.lint as one, i (i)}{one.cause}.{/each}
    </p>
  {/if}
</div>

<style>
  h3 {
    margin: 1.4rem 0 0.4rem;
    font-size: 1.1rem;
    font-weight: 700;
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    margin-bottom: 0.5rem;
  }

  form .entry {
    width: auto;
    max-width: 16rem;
  }
</style>
