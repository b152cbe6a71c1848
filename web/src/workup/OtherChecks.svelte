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

  let points = $derived(work.view?.map?.points ?? []);
  let mode = $state<'ohms' | 'volts'>('ohms');
  let red = $state('');
  let black = $state('');

  /** The id of a point from its label, or from the id itself. */
  function point(said: string): string {
    const letters = said.trim().toLowerCase();
    return points.find((p) => p.id.toLowerCase() === letters || p.label.toLowerCase() === letters)?.id ?? '';
  }

  let between = $derived(
    point(red) && point(black) && point(red) !== point(black) ? `${mode}~${point(red)}~${point(black)}` : ''
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
  {#if points.length > 0}
    <form
      class="between"
      onsubmit={(event) => {
        event.preventDefault();
        if (between) {
          take(between);
        }
      }}
    >
      <p class="small">
        Or any two points under the meter; continuity tells more than a reading through chips.
      </p>
      <div class="row">
        <select class="entry" aria-label="Resistance or voltage" bind:value={mode}>
          <option value="ohms">Resistance, battery out</option>
          <option value="volts">Voltage, battery in</option>
        </select>
        <input
          class="entry"
          aria-label="Red on"
          placeholder="red, such as PLUG.+"
          list="points"
          bind:value={red}
        />
        <input class="entry" aria-label="Black on" placeholder="black" list="points" bind:value={black} />
        <button class="act" disabled={!between}>Measure there</button>
      </div>
      <datalist id="points">
        {#each points as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
      </datalist>
    </form>
  {/if}
  <ul>
    {#each shown as check (check.checkId)}
      <li>
        <button class="line" onclick={() => take(check.checkId)}>
          <span>{check.title}</span>
          <span class="small">
            {#if check.skippedAt > 0}set aside ·{/if}
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
  .between {
    margin-top: 0.8rem;
    padding-bottom: 0.8rem;
    border-bottom: 1px solid var(--rule);
  }

  .row {
    display: grid;
    grid-template-columns: 1.3fr 1fr 1fr auto;
    gap: 0.5rem;
  }

  @media (max-width: 700px) {
    .row {
      grid-template-columns: 1fr 1fr;
    }
  }

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
