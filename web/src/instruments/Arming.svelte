<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Locks from '../shared/Locks.svelte';
  import Notice from '../shared/Notice.svelte';
  import { day } from '../shared/words';
  import CraftPicker from './CraftPicker.svelte';
  import { OpenedFor } from './craft.svelte';
  import NumberField from './NumberField.svelte';

  const opened = new OpenedFor();
  const solved = new Loading<Schemas['ArmingAnswer']>();
  let craftId = $state(opened.craftId);
  let listed = $state(true);
  let computer = $state(false);
  let radioOn = $state(true);
  let switchOn = $state(true);
  let onAtPower = $state(false);
  let sky = $state(false);
  let throttle = $state<number | null>(0);
  let lying = $state<number | null>(0);
  let chosen = $state('');

  onMount(() => void opened.load());

  $effect(() => {
    const body = {
      craftId,
      listed,
      computer,
      radioOn,
      throttle: (throttle ?? 0) / 100,
      switchOn,
      onAtPower,
      lyingDeg: lying ?? 0,
      sky
    };
    if (craftId) {
      void solved.load(() => ask(api.POST('/api/instruments/arming', { body })));
    }
  });

  let shown = $derived(
    solved.value?.locks.find((one) => one.id === chosen) ?? solved.value?.locks.find((one) => one.shut)
  );
</script>

<svelte:head><title>Will it arm – Able Medic</title></svelte:head>

<section class="page">
  <h1>Will it arm{craftId ? `: ${craftId}` : ''}</h1>
  <p class="small">
    It arms only when nothing blocks it. Try other positions and connections here; change settings on the
    chart.
  </p>
  {#if !opened.craftId}<div class="pick"><CraftPicker bind:craftId /></div>{/if}
  <Notice text={solved.error} />
  {#if solved.value && craftId}
    {@const now = solved.value}
    <div class="row" aria-live="polite">
      <Locks
        locks={now.locks.map((one) => ({ id: one.id, label: one.label, shut: one.shut ? 1 : 0 }))}
        chosen={shown?.id ?? ''}
        onchoose={(id) => (chosen = id)}
      />
      <p class="big">
        {now.arms ? 'It arms.' : `It doesn’t arm: ${now.locks.filter((one) => one.shut).length} blocking.`}
      </p>
    </div>
    <div class="two">
      <div class="state">
        <h2>State of the craft</h2>
        <label><input type="checkbox" bind:checked={computer} /> USB is plugged in</label>
        <label><input type="checkbox" bind:checked={radioOn} /> the radio is on</label>
        <label><input type="checkbox" bind:checked={switchOn} /> the arm switch is flipped</label>
        <label
          ><input type="checkbox" bind:checked={onAtPower} /> it was like this when the battery was plugged in</label
        >
        <label><input type="checkbox" bind:checked={sky} /> it sees the sky</label>
        <div class="fields">
          <NumberField id="throttle" label="Throttle stick, % up" bind:value={throttle} />
          <NumberField id="lying" label="It lies tilted, °" bind:value={lying} />
        </div>
        <label><input type="checkbox" bind:checked={listed} /> configured as in its newest snapshot</label>
        {#if listed}
          <p class="small">
            {now.snapshot
              ? `Snapshot ${now.snapshot.number}, ${day(now.snapshot.takenAt)}; what it does not hold is as on the sheet.`
              : 'No snapshot of it is saved: as on the chart.'}
            <a href={`/crafts/${encodeURIComponent(craftId)}/snapshots`}>its snapshots</a>
          </p>
        {/if}
      </div>
      {#if shown}
        <div>
          <h2>{shown.shut ? 'Shut' : 'Open'}: {shown.label}</h2>
          <p>{shown.why}.</p>
          <dl>
            {#each shown.settings as one (one.settingId)}
              <dt>{one.label}</dt>
              <dd>
                <span class="figure">{one.said}</span>
                <span class="small">{one.listed ? 'by the snapshot' : 'by the sheet'}</span>
              </dd>
            {/each}
          </dl>
        </div>
      {/if}
    </div>
    <p class="caution">Props off whenever you try to arm it at the bench.</p>
  {:else if !craftId}
    <p>Choose the craft first.</p>
  {/if}
</section>

<style>
  .pick {
    max-width: 24rem;
    margin: 0.8rem 0;
  }

  .row {
    border-block: 1px solid var(--rule);
    padding: 0.7rem 0;
    margin: 0.8rem 0 1.2rem;
  }

  .big {
    font-size: 1.3rem;
    font-weight: 700;
    margin-top: 0.5rem;
  }

  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2.5rem;
    margin-bottom: 1.2rem;
  }

  .state label {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }

  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.8rem;
  }

  dt {
    color: var(--soft);
    margin-top: 0.5rem;
  }

  dd {
    display: flex;
    gap: 0.8rem;
    align-items: baseline;
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
