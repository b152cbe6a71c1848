<script lang="ts">
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import PortBoard from '../shared/PortBoard.svelte';
  import { sentence } from '../shared/words';
  import { TellingPorts, VERDICTS, heldBy } from './serialLines.svelte';

  /** The serial lines of a craft as its sheet has them, each judged. */
  let { chart, ontold }: { chart: Schemas['Chart']; ontold: (chart: Schemas['Chart']) => void } = $props();

  const map = new Loading<Schemas['SerialMapView']>();
  const telling = new TellingPorts();
  let craftId = $derived(chart.craftId);
  $effect(() => {
    const params = { path: { craftId, version: chart.version } };
    untrack(
      () =>
        void map.load(() =>
          ask(api.GET('/api/crafts/{craftId}/serial-map', { params: { path: params.path } }))
        )
    );
  });
</script>

{#if map.value && map.value.uarts.length > 0}
  {@const m = map.value}
  <section aria-labelledby="serial-heading">
    <div class="top">
      <h2 id="serial-heading">Serial lines</h2>
      <div class="do">
        <button
          class="quiet"
          type="button"
          disabled={telling.busy}
          onclick={() => void telling.tell(chart, ontold)}>Set UARTs from the wiring</button
        >
        <a class="quiet" href={`/instruments/port-planner?craft=${encodeURIComponent(craftId)}`}
          >UART planner</a
        >
        {#if m.modems}
          <a class="quiet" href={`/instruments/modem-chain?craft=${encodeURIComponent(craftId)}`}
            >Modem chain</a
          >
        {/if}
      </div>
    </div>
    <Notice text={map.error || telling.error} />
    <div class="two">
      <div>
        <PortBoard
          label={m.board}
          uarts={m.uarts.map((uart) => ({
            name: uart.name,
            note: uart.jobs || (uart.name === m.computer ? 'the computer’s too' : uart.soft ? 'soft' : ''),
            pads: uart.pads
          }))}
          held={heldBy(m)}
        />
        <p class="small">{m.board}, {m.processor}</p>
        {#each m.notes as note, i (i)}<p class="small">{note}</p>{/each}
      </div>
      <ul>
        {#each m.lines as line (line.name)}
          <li class={VERDICTS[line.verdict].state}>
            <strong>{sentence(line.name)}</strong>
            <span class="verdict">{VERDICTS[line.verdict].word}</span>
            <span class="small speaks">{line.speaks}</span>
            {#each line.wires as wire (wire.partPad)}
              <span class="wires"
                ><span class="figure">{wire.partPad} {wire.toBoard ? '→' : '←'} {wire.boardPad}</span>
                {#if wire.turned}<span class="small">{wire.turned}</span>{/if}</span
              >
            {/each}
            {#each line.found as found, i (i)}
              <p>{found.text}</p>
              <p class="small">{found.remedy}</p>
            {/each}
          </li>
        {/each}
      </ul>
    </div>
  </section>
{/if}

<style>
  section {
    margin-bottom: 1.6rem;
  }

  .top {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1.5rem;
    justify-content: space-between;
    align-items: center;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
  }

  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 2rem;
    margin-top: 0.8rem;
    align-items: start;
  }

  li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.1rem 1rem;
    padding: 0.5rem 0 0.5rem 0.8rem;
    border-left: 4px solid var(--act);
    margin-bottom: 0.6rem;
  }

  li.doubt {
    border-color: var(--doubt-fill);
  }

  li.danger {
    border-color: var(--danger);
  }

  li.unknown {
    border-color: var(--rule);
  }

  .speaks,
  .wires,
  li p {
    grid-column: 1 / -1;
  }

  .danger .verdict {
    color: var(--danger);
    font-weight: 700;
  }

  .doubt .verdict {
    color: var(--doubt);
  }

  @media (max-width: 860px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
