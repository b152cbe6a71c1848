<script lang="ts">
  import type { Schemas } from '../api/client';
  import ReasonSheet from '../shared/ReasonSheet.svelte';
  import type { WorkUpState } from './state.svelte';

  /** The bench state, always in sight; a press records a change. */
  let { work }: { work: WorkUpState } = $props();

  type Bench = Schemas['BenchState'];
  let bench = $derived(work.view!.bench);
  let closed = $derived(work.view!.stage === 'CLOSED');
  let wanted = $state.raw<Bench>();

  const tested = {
    NOT_DONE: 'pre-power checks due',
    PASSED: 'pre-power checks passed',
    FAILED: 'pre-power checks failed'
  };
  const afterTest = { NOT_DONE: 'PASSED', PASSED: 'FAILED', FAILED: 'NOT_DONE' } as const;

  let parts = $derived([
    {
      text: bench.propsOn ? 'props on' : 'props off',
      on: bench.propsOn,
      to: { ...bench, propsOn: !bench.propsOn }
    },
    {
      text: tested[bench.shortTest],
      on: bench.shortTest === 'PASSED',
      to: { ...bench, shortTest: afterTest[bench.shortTest] }
    },
    {
      text: bench.batteryIn ? 'battery in' : 'battery out',
      on: bench.batteryIn,
      to: { ...bench, batteryIn: !bench.batteryIn }
    },
    {
      text: bench.limiterIn ? 'current limiter in' : 'current limiter out',
      on: bench.limiterIn,
      to: { ...bench, limiterIn: !bench.limiterIn }
    },
    {
      text: bench.usbIn ? 'USB plugged in' : 'USB unplugged',
      on: bench.usbIn,
      to: { ...bench, usbIn: !bench.usbIn }
    },
    {
      text: bench.antennaOn ? 'antenna on' : 'antenna off',
      on: bench.antennaOn,
      to: { ...bench, antennaOn: !bench.antennaOn }
    },
    {
      text: bench.radioOn ? 'radio on' : 'radio off',
      on: bench.radioOn,
      to: { ...bench, radioOn: !bench.radioOn }
    },
    {
      text: bench.atField ? 'outdoors' : 'at the bench',
      on: bench.atField,
      to: { ...bench, atField: !bench.atField }
    }
  ]);
  let hot = $derived(bench.batteryIn && bench.propsOn);

  async function set(to: Bench): Promise<void> {
    if (!(await work.setBench(to)) && work.error) {
      wanted = to;
    }
  }

  async function override(reason: string): Promise<void> {
    if (wanted && (await work.setBench(wanted, reason))) {
      wanted = undefined;
    }
  }
</script>

<div class="line" class:hot role="group" aria-label="Bench state">
  <span class="word">Bench</span>
  {#each parts as part, i (i)}
    <button class:on={part.on} disabled={closed} onclick={() => void set(part.to)}>
      <span aria-hidden="true">{part.on ? '●' : '○'}</span>
      {part.text}
    </button>
  {/each}
  {#if hot}<strong class="hot-words">Props on and battery in</strong>{/if}
</div>

<ReasonSheet
  open={wanted !== undefined}
  title="Record it all the same?"
  text={work.error}
  action="Record with this reason"
  onclose={() => (wanted = undefined)}
  ongive={override}
/>

<style>
  .line {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 0.2rem;
    padding: 0 1.5rem;
    border-block: 1px solid var(--rule);
    background: var(--slate-tint);
  }

  .word {
    font-weight: 700;
    margin-right: 0.6rem;
  }

  button {
    background: none;
    border: none;
    min-height: 44px;
    padding: 0 0.55rem;
    color: var(--ink);
  }

  button:disabled {
    color: var(--soft);
    cursor: default;
  }

  button.on {
    font-weight: 700;
  }

  .hot {
    background: var(--danger-tint);
  }

  .hot-words {
    color: var(--danger);
  }
</style>
