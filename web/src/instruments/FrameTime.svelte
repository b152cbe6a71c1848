<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['FramesAnswer']>();
  let channels = $state<number | null>(8);
  let sbus = $state<number | null>(9);
  let crsf = $state<number | null>(6.67);

  $effect(() => {
    const body = {
      channels: Math.round(channels ?? 8),
      between: [
        { format: 'SBUS' as const, betweenMs: sbus ?? 9 },
        { format: 'CRSF' as const, betweenMs: crsf ?? 6.67 }
      ]
    };
    void solved.load(() => ask(api.POST('/api/instruments/frame-time', { body })));
  });

  let longest = $derived(Math.max(1, ...(solved.value?.rows.map((one) => one.worstMs) ?? [])));
  const ms = (value: number): string => `${Number(value.toPrecision(3))} ms`;
</script>

<Paper
  title="Frame rate and latency"
  text="A stick waits for its turn, and then its frame takes its time on the wire. That comes before anything that filters or flies."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="channels" label="Channels of a pulse train" bind:value={channels} />
    <NumberField
      id="sbus"
      label="SBUS, ms from frame to frame"
      hint="9 in the short mode, 18 in the long one"
      bind:value={sbus}
    />
    <NumberField
      id="crsf"
      label="CRSF, ms from frame to frame"
      hint="6.67 at 150 a second, 2 at 500"
      bind:value={crsf}
    />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      <table>
        <thead>
          <tr
            ><th>format</th><th>frame</th><th>every</th><th>usual age</th><th class="scale">to the worst</th
            ></tr
          >
        </thead>
        <tbody>
          {#each solved.value.rows as one (one.id)}
            <tr class:bad={!one.fits}>
              <td>{one.format}</td>
              <td class="figure">{ms(one.frameMs)}</td>
              <td class="figure">{ms(one.betweenMs)}</td>
              <td class="figure">{ms(one.usualMs)}</td>
              <td class="scale">
                <span class="bar" style:width={`${(100 * one.worstMs) / longest}%`}>
                  <span class="usual" style:width={`${(100 * one.usualMs) / one.worstMs}%`}></span>
                </span>
                <span class="small">{one.fits ? ms(one.worstMs) : 'a frame does not fit'}</span>
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
  {/snippet}
</Paper>

<style>
  table {
    width: 100%;
    border-collapse: collapse;
  }

  th,
  td {
    text-align: left;
    font-weight: 400;
    padding: 0.3rem 0.7rem 0.3rem 0;
    border-bottom: 1px solid var(--rule);
  }

  th {
    color: var(--soft);
  }

  .figure {
    white-space: nowrap;
  }

  .scale {
    width: 30%;
  }

  .bar {
    display: block;
    height: 0.8rem;
    background: var(--rule);
  }

  .usual {
    display: block;
    height: 100%;
    background: var(--act);
  }

  .bad .usual {
    background: var(--danger);
  }
</style>
