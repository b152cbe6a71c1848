<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['PadAnswer']>();
  let highV = $state<number | null>(3.3);
  let shownV = $state<number | null>(null);

  $effect(() => {
    const body = { highV: highV ?? 0, ...(shownV === null ? {} : { shownV }) };
    void solved.load(() => ask(api.POST('/api/instruments/signal-pad', { body })));
  });

  function range(least: number, most: number): string {
    const from = least.toFixed(2);
    const to = most.toFixed(2);
    return from === to ? from : `${from} – ${to}`;
  }

  const at = (volts: number): number => (100 * volts) / Math.max(0.1, highV ?? 3.3);
</script>

<Paper
  title="Meter on a signal pad"
  text="A meter for direct voltage shows the average of a line that sends. It tells a sender from silence and a plain line from a turned one; it does not tell formats apart that lie close."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="high" label="High level of the line, V" bind:value={highV} />
    <NumberField
      id="shown"
      label="The meter shows, V"
      hint="Leave empty to see all. Measure while the sticks rest."
      bind:value={shownV}
    />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      <table>
        <thead>
          <tr><th>Line</th><th>Shows, V</th><th class="scale">0 to {highV} V</th></tr>
        </thead>
        <tbody>
          {#each solved.value.formats as one (one.format + one.inverted)}
            <tr class:fits={one.fits === true} class:away={one.fits === false}>
              <td>
                <a href={`/handbook/${one.page}`}>{one.format}</a>{one.usual ? '' : ', inverted'}
                {#if one.fits === true}<strong>fits</strong>{/if}
              </td>
              <td class="figure">{range(one.leastV, one.mostV)}</td>
              <td class="scale" aria-hidden="true">
                <span
                  class="bar"
                  style:left={`${at(one.leastV)}%`}
                  style:width={`${Math.max(1, at(one.mostV - one.leastV))}%`}
                ></span>
                {#if shownV !== null}<span class="shown" style:left={`${Math.min(100, at(shownV))}%`}
                  ></span>{/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="small">
        0 V all the time: no sender, or one that idles low and sends nothing. {highV} V all the time: one that idles
        high and sends nothing.
      </p>
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
    border-bottom: 1px solid var(--rule);
    padding: 0.3rem 0.6rem 0.3rem 0;
  }

  .figure {
    white-space: nowrap;
  }

  .scale {
    position: relative;
    width: 34%;
  }

  td.scale span {
    position: absolute;
    top: 30%;
    height: 40%;
    min-width: 3px;
  }

  .bar {
    background: var(--act);
  }

  .shown {
    background: var(--danger);
    width: 3px;
  }

  .away {
    color: var(--soft);
  }

  .fits {
    background: var(--act-tint);
  }
</style>
