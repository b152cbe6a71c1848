<script lang="ts">
  import { untrack } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';

  /** What a craft is for and who built it. */
  let { chart, onchanged }: { chart: Schemas['Chart']; onchanged: (now: Schemas['Chart']) => void } =
    $props();

  let name = $state(untrack(() => chart.name));
  let builder = $state(untrack(() => chart.builder));
  let open = $state(false);
  let error = $state('');

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    error = '';
    try {
      const now = await ask(
        api.PATCH('/api/crafts/{craftId}', {
          params: { path: { craftId: chart.craftId } },
          body: { version: chart.version, name, builder, state: chart.state, reason: '' }
        })
      );
      open = false;
      onchanged(now);
    } catch (thrown) {
      error = words(thrown);
    }
  }
</script>

<details bind:open>
  <summary>Name and builder</summary>
  <form onsubmit={enter}>
    <label>What it is for <input class="entry" bind:value={name} maxlength="80" /></label>
    <label>
      Built by <input class="entry" bind:value={builder} maxlength="80" />
      <span class="small">A workshop, its owner, or “ready-built”. Trends are counted by builder.</span>
    </label>
    <button class="quiet">Enter</button>
  </form>
  <Notice text={error} />
</details>

<style>
  summary {
    min-height: 44px;
    display: flex;
    align-items: center;
    color: var(--act);
  }

  form {
    display: grid;
    gap: 0.6rem;
    max-width: 26rem;
    justify-items: start;
  }

  label {
    display: grid;
    gap: 0.2rem;
    width: 100%;
  }
</style>
