<script lang="ts">
  import Sheet from '../shared/Sheet.svelte';
  import { minutes } from '../shared/words';
  import type { WorkUpState } from './state.svelte';

  /** All checks, to do one out of turn or to take up one that was put aside. */
  let { work, open, onclose }: { work: WorkUpState; open: boolean; onclose: () => void } = $props();

  let text = $state('');
  let shown = $derived(
    (work.view?.checks ?? [])
      .filter((check) => check.title.toLowerCase().includes(text.toLowerCase()))
      .toSorted((a, b) => b.bits / b.minutes - a.bits / a.minutes)
  );

  function take(checkId: string): void {
    onclose();
    void work.openCheck(checkId);
  }
</script>

<Sheet {open} title="Another check" {onclose}>
  <div class="field">
    <label for="other-check">Part of its name</label>
    <input
      id="other-check"
      class="entry"
      bind:value={text}
      autocomplete="off"
      onkeydown={(event) => {
        if (event.key === 'Enter' && shown[0]) {
          event.preventDefault();
          take(shown[0].checkId);
        }
      }}
    />
  </div>
  <ul>
    {#each shown as check (check.checkId)}
      <li>
        <button class="line" onclick={() => take(check.checkId)}>
          <span>{check.title}</span>
          <span class="small">
            {#if check.skippedAt > 0}put aside ·{/if}
            {#if check.done}done ·{/if}
            {#if check.locked}locked ·{/if}
            <span class="figure">{check.bits.toFixed(2)} bits</span> · {minutes(check.minutes)}
          </span>
        </button>
        {#if check.skippedAt > 0}
          <button class="plain" onclick={() => void work.takeBack(check.skippedAt)}>take up again</button>
        {/if}
      </li>
    {/each}
  </ul>
</Sheet>

<style>
  ul {
    margin-top: 0.6rem;
  }

  li {
    border-bottom: 1px solid var(--rule);
  }

  .line {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 1rem;
    align-items: center;
    width: 100%;
    min-height: 44px;
    background: none;
    border: none;
    text-align: left;
  }
</style>
