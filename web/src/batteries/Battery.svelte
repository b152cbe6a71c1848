<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { percent } from '../shared/words';
  import EntryForm from './EntryForm.svelte';
  import BatteryLog from './BatteryLog.svelte';

  const battery = new Loading<Schemas['BatteryView']>();
  const rules = new Loading<Schemas['Rule'][]>();
  let label = $derived(String(route.params.label ?? ''));
  let error = $state('');

  $effect(() => {
    const current = label;
    untrack(
      () =>
        void battery.load(() =>
          ask(api.GET('/api/batteries/{label}', { params: { path: { label: current } } }))
        )
    );
  });

  onMount(() => void rules.load(() => ask(api.GET('/api/landing-voltage-rules'))));

  async function choose(rule: Schemas['BatteryView']['rule']): Promise<void> {
    error = '';
    try {
      battery.value = await ask(
        api.PUT('/api/batteries/{label}/rule', { params: { path: { label } }, body: { rule } })
      );
    } catch (thrown) {
      error = words(thrown);
    }
  }
</script>

<svelte:head><title>Battery {label} – Able Medic</title></svelte:head>

<section class="page">
  <Notice text={battery.error || error} />
  {#if battery.value}
    {@const p = battery.value}
    <h1>Battery {p.label}</h1>
    <p>
      {p.kind.cells} cells, {p.chemistry}, {Math.round(p.kind.capacityMah)} mAh{#if p.worn}<strong
          class="worn">, worn: fly another</strong
        >{/if}
    </p>
    <div class="two">
      <div>
        <h2>When to land</h2>
        <div class="field">
          <label for="school">Convention</label>
          <select
            id="school"
            class="entry"
            value={p.rule}
            onchange={(event) => void choose(event.currentTarget.value as Schemas['BatteryView']['rule'])}
          >
            {#each rules.value ?? [] as one (one.id)}
              <option value={one.id} selected={one.id === p.rule}>{one.label}</option>
            {/each}
          </select>
        </div>
        <p class="small">{p.reason}</p>
        <dl>
          <dt>Be on the way down</dt>
          <dd class="reading">
            {p.landV.toFixed(1)} V <span class="small">{p.landCellV.toFixed(2)} V a cell</span>
          </dd>
          <dt>Enter as warning</dt>
          <dd class="reading">
            {p.warnV.toFixed(1)} V <span class="small">{p.warnCellV.toFixed(2)} V a cell</span>
          </dd>
          <dt>Enter as critical</dt>
          <dd class="reading">
            {p.criticalV.toFixed(1)} V <span class="small">{p.criticalCellV.toFixed(2)} V a cell</span>
          </dd>
        </dl>
      </div>
      <div>
        <h2>What it has to give</h2>
        <dl>
          <dt>Usable to landing</dt>
          <dd class="reading">
            {p.usableMah.toFixed(0)} mAh
            <span class="small">{percent(p.usableShare)} of the label, at {p.drawA.toFixed(1)} A</span>
          </dd>
          <dt>Flight time to expect</dt>
          <dd class="reading">
            {#if p.flightMinutes}{p.flightMinutes.value.toFixed(1)} min
              <span class="small">± {p.flightMinutes.plusMinus.toFixed(1)}, from {p.flights} in the log</span>
            {:else}<span class="small">needs a flight in the log</span>{/if}
          </dd>
          <dt>Resistance from sag</dt>
          <dd class="reading">
            {#if p.resistanceMohm}{p.resistanceMohm.value.toFixed(0)} mΩ
              <span class="small">± {p.resistanceMohm.plusMinus.toFixed(0)}</span>
            {:else}<span class="small">needs volts at rest and under a known load</span>{/if}
          </dd>
          <dt>Charge scale</dt>
          <dd class="reading">
            {#if p.chargeScale}× {p.chargeScale.value.toFixed(3)}
              <span class="small"
                >± {p.chargeScale.plusMinus.toFixed(3)}: multiply the craft's scale by it</span
              >
            {:else}<span class="small">needs counted and charged back of one flight</span>{/if}
          </dd>
        </dl>
      </div>
    </div>
    <h2>Log</h2>
    <EntryForm label={p.label} onadded={(view) => (battery.value = view)} />
    <BatteryLog battery={p} onchanged={(view) => (battery.value = view)} />
  {/if}
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1.2fr;
    gap: 2.5rem;
    margin: 1rem 0 1.6rem;
  }

  dl {
    display: grid;
    grid-template-columns: 11rem 1fr;
    margin-top: 0.4rem;
  }

  dt,
  dd {
    border-bottom: 1px solid var(--rule);
    padding: 0.35rem 0;
  }

  dt {
    color: var(--soft);
  }

  dd .small {
    font-family: 'Atkinson Hyperlegible Next', sans-serif;
  }

  .worn {
    color: var(--danger);
  }

  @media (max-width: 800px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
