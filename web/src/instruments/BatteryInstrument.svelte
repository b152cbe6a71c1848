<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import { percent } from '../shared/words';
  import { OpenedFor } from './craft.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const opened = new OpenedFor();
  const choices = new Loading<Schemas['Choosable']>();
  const rules = new Loading<Schemas['Rule'][]>();
  const solved = new Loading<Schemas['BatteryAnswer']>();
  let cells = $state<number | null>(4);
  let capacityMah = $state<number | null>(1300);
  let cellMilliohms = $state<number | null>(4);
  let chemistry = $state<Schemas['BatteryOnSheet']['chemistry']>('LIPO');
  let rule = $state<Schemas['BatteryAsked']['rule']>('LONG_LIFE');
  let drawA = $state<number | null>(8);
  let restV = $state<number | null>(null);
  let loadV = $state<number | null>(null);
  let loadA = $state<number | null>(null);

  onMount(async () => {
    void choices.load(() => ask(api.GET('/api/choices')));
    void rules.load(() => ask(api.GET('/api/landing-voltage-rules')));
    const battery = (await opened.load())?.sheet.electrics?.battery;
    if (battery) {
      ({ cells, capacityMah, cellMilliohms, chemistry } = battery);
    }
  });

  $effect(() => {
    const body = {
      kind: {
        cells: Math.round(cells ?? 0),
        chemistry,
        capacityMah: capacityMah ?? 0,
        cellMilliohms: cellMilliohms ?? 0
      },
      rule,
      drawA: drawA ?? 0,
      restV: restV ?? undefined,
      loadV: loadV ?? undefined,
      loadA: loadA ?? undefined
    };
    void solved.load(() => ask(api.POST('/api/instruments/pack', { body })));
  });
</script>

<Paper
  title={`Battery${opened.craftId ? ` of ${opened.craftId}` : ''}`}
  text="From its label and its sag: what it gives until it is time to land."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="cells" label="Cells" bind:value={cells} />
    <div class="field">
      <label for="chemistry">Chemistry</label>
      <select id="chemistry" class="entry" bind:value={chemistry}>
        {#each choices.value?.chemistries ?? [] as c (c.id)}<option value={c.id}>{c.label}</option>{/each}
      </select>
    </div>
    <NumberField id="capacity" label="Capacity, mAh" bind:value={capacityMah} />
    <NumberField id="ohms" label="Resistance of a cell, milliohm" bind:value={cellMilliohms} />
    <NumberField id="draw" label="Mean draw, A" bind:value={drawA} />
    <div class="field">
      <label for="school">Landing-voltage rule</label>
      <select id="school" class="entry" bind:value={rule}>
        {#each rules.value ?? [] as s (s.id)}<option value={s.id}>{s.label}</option>{/each}
      </select>
    </div>
    <h2>Sag, where measured</h2>
    <NumberField id="rest" label="At rest, V" bind:value={restV} />
    <NumberField id="load" label="Under load, V" bind:value={loadV} />
    <NumberField id="amps" label="at that load, A" bind:value={loadA} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      <dl>
        <dt>Land at</dt>
        <dd class="reading">
          {a.landV.toFixed(1)} V <span class="small">{a.landCellV.toFixed(2)} V a cell, under load</span>
        </dd>
        <dt>Usable</dt>
        <dd class="reading">
          {a.usableMah.toFixed(0)} mAh
          <span class="small">{percent(a.usableShare)}, {a.usableWh.toFixed(1)} Wh</span>
        </dd>
        <dt>At this draw</dt>
        <dd class="reading">{a.minutes.toFixed(1)} min</dd>
        <dt>Sag at this draw</dt>
        <dd class="reading">{a.sagV.toFixed(2)} V</dd>
        <dt>Full and nominal</dt>
        <dd class="reading">{a.fullV.toFixed(1)} V, {a.nominalV.toFixed(1)} V</dd>
        {#if a.resistanceMohm != null}
          <dt>Resistance from sag</dt>
          <dd class="reading">
            {a.resistanceMohm.toFixed(0)} mΩ
            <span class="small">± {a.resistancePlusMinusMohm?.toFixed(0)}{a.worn ? ', worn' : ''}</span>
          </dd>
        {/if}
        <dt>Cells guessed right</dt>
        <dd class="reading">
          {a.guessLowCellV.toFixed(2)} to {a.guessHighCellV.toFixed(2)} V
          <span class="small">per cell at plug-in; the FC takes a full one for {a.guessFull} cells</span>
        </dd>
      </dl>
      <p class="small">{a.reason}</p>
    {/if}
  {/snippet}
</Paper>
