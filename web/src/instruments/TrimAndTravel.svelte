<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  type Stick = Schemas['Bar']['stick'];
  interface Row {
    stick: Stick;
    label: string;
    centreUs: number | null;
    lowUs: number | null;
    highUs: number | null;
    lowPct: number | null;
    highPct: number | null;
  }

  const row = (stick: Stick, label: string, centreUs: number | null): Row => ({
    stick,
    label,
    centreUs,
    lowUs: 1000,
    highUs: 2000,
    lowPct: 100,
    highPct: 100
  });
  const solved = new Loading<Schemas['BarsAnswer']>();
  let rows = $state([
    row('ROLL', 'roll', 1500),
    row('PITCH', 'pitch', 1500),
    row('THROTTLE', 'throttle', null),
    row('YAW', 'yaw', 1500)
  ]);

  $effect(() => {
    const bars = rows
      .filter((one) => one.lowUs !== null && one.highUs !== null)
      .map(({ stick, centreUs, lowUs, highUs, lowPct, highPct }) => ({
        stick,
        ...(centreUs === null ? {} : { centreUs }),
        lowUs: lowUs!,
        highUs: highUs!,
        lowPct: lowPct ?? 100,
        highPct: highPct ?? 100
      }));
    void solved.load(() => ask(api.POST('/api/instruments/trim-and-travel', { body: { bars } })));
  });

  let answers = $derived(new Map(solved.value?.bars.map((one) => [one.stick, one]) ?? []));

  function travel(pct: number | null | undefined, now: number | null): string {
    return pct === null || pct === undefined ? 'out of reach' : pct === now ? 'as it is' : `${pct} %`;
  }
</script>

<svelte:head><title>Trim and travel – Able Medic</title></svelte:head>

<section class="page">
  <h1>Trim and travel</h1>
  <p class="small">
    Enter where each channel bar is, in microseconds, with the stick let go and at its two ends; and the
    travel that is set at the radio now.
  </p>
  <Notice text={solved.error} />
  <div class="scroll">
    <table>
      <thead>
        <tr>
          <th scope="col">stick</th><th scope="col">low end</th><th scope="col">middle</th><th scope="col"
            >high end</th
          ><th scope="col">travel now, low / high %</th><th scope="col">set at the radio</th>
        </tr>
      </thead>
      <tbody>
        {#each rows as one (one.stick)}
          {@const set = answers.get(one.label)}
          <tr>
            <th scope="row">{one.label}</th>
            <td
              ><NumberEntry
                unit="µs"
                class="figure"
                aria-label={`${one.label} low end`}
                bind:value={one.lowUs}
              /></td
            >
            <td>
              {#if one.stick !== 'THROTTLE'}
                <NumberEntry
                  unit="µs"
                  class="figure"
                  aria-label={`${one.label} middle`}
                  bind:value={one.centreUs}
                />
              {:else}–{/if}
            </td>
            <td
              ><NumberEntry
                unit="µs"
                class="figure"
                aria-label={`${one.label} high end`}
                bind:value={one.highUs}
              /></td
            >
            <td
              ><div class="two">
                <NumberEntry
                  unit="%"
                  class="figure"
                  aria-label={`${one.label} travel low`}
                  bind:value={one.lowPct}
                />
                <NumberEntry
                  unit="%"
                  class="figure"
                  aria-label={`${one.label} travel high`}
                  bind:value={one.highPct}
                />
              </div></td
            >
            <td class="set">
              {#if set && !solved.error}
                {#if set.reversed}<strong>reverse it</strong>{/if}
                {#if set.trimUs !== 0}<strong
                    >middle {set.trimUs > 0 ? '+' : '−'}{Math.abs(set.trimUs)} µs</strong
                  >{/if}
                <span>low {travel(set.lowPct, set.reversed ? one.highPct : one.lowPct)}</span>
                <span>high {travel(set.highPct, set.reversed ? one.lowPct : one.highPct)}</span>
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <p class="small">
    Middle first: it moves both ends. Then look again. Some FCs want all sticks and switches brought to their
    ends once before they accept them.
  </p>
</section>

<style>
  .scroll {
    overflow-x: auto;
    margin: 1rem 0;
  }

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

  thead th {
    color: var(--soft);
  }

  td :global(input) {
    width: 6rem;
    min-height: 44px;
    padding: 0.2rem 0.5rem;
    background: var(--card);
    border: 1px solid var(--rule);
    color: var(--ink);
  }

  .two {
    display: flex;
    gap: 0.4rem;
  }

  .two :global(input) {
    width: 4.6rem;
  }

  .set {
    min-width: 11rem;
  }

  .set > * {
    display: block;
  }
</style>
