<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['BaudAnswer']>();
  let clockMhz = $state<number | null>(16);
  let oversampling = $state<number | null>(16);
  let baud = $state<number | null>(115200);
  let framing = $state('8N1');
  let otherPercent = $state<number | null>(0);

  $effect(() => {
    const body = {
      clockHz: (clockMhz ?? 0) * 1e6,
      oversampling: oversampling ?? 0,
      baud: baud ?? 0,
      parity: framing.includes('E'),
      stopBits: Number(framing.slice(-1)),
      otherOff: (otherPercent ?? 0) / 100
    };
    void solved.load(() => ask(api.POST('/api/instruments/baud-error', { body })));
  });

  const percent = (share: number): string => `${share > 0 ? '+' : ''}${(100 * share).toFixed(2)} %`;
</script>

<Paper
  title="Baud error from a clock"
  text="A UART divides its clock by a whole number. What comes of it, how far the two ends are apart, and whether a byte survives that."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="clock" label="Clock of the UART, MHz" bind:value={clockMhz} />
    <NumberField
      id="over"
      label="Ticks a bit"
      hint="16 as a rule, 8 in the fast mode."
      bind:value={oversampling}
    />
    <NumberField id="baud" label="Rate wanted, baud" bind:value={baud} />
    <div class="field">
      <label for="framing">Framing</label>
      <select id="framing" class="entry" bind:value={framing}>
        {#each ['8N1', '8E1', '8E2'] as one (one)}<option value={one}>{one}</option>{/each}
      </select>
    </div>
    <NumberField id="other" label="The other end is off by, %" bind:value={otherPercent} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      <dl>
        <dt>Divider</dt>
        <dd class="reading">{a.divider}</dd>
        <dt>Rate that it makes</dt>
        <dd class="reading">{a.baud.toFixed(0)} baud</dd>
        <dt>Off what was wanted</dt>
        <dd class="reading">{percent(a.off)}</dd>
        <dt>Apart from the other end</dt>
        <dd class="reading">{percent(a.apart)}</dd>
        <dt>A byte bears</dt>
        <dd class="reading">± {(100 * a.tolerance).toFixed(2)} %</dd>
      </dl>
      {#if a.holds}<p>
          Bytes come through{Math.abs(a.apart) > a.tolerance / 2 ? ', with little to spare' : ''}.
        </p>
      {:else}<p class="caution">
          Bytes come out wrong: the last bit is sampled outside its time. Use a lower rate, or one that the
          clock divides well.
        </p>{/if}
    {/if}
  {/snippet}
</Paper>
