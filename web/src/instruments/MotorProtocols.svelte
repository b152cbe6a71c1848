<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import PropsOff from '../shared/PropsOff.svelte';
  import Paper from './Paper.svelte';

  type Protocol = Schemas['ProtocolRow']['id'];

  const solved = new Loading<Schemas['MotorsAnswer']>();
  let propsOff = $state(false);
  let loopHz = $state<number | null>(4000);
  let spoken = $state<Protocol[]>(['PWM', 'ONESHOT125', 'DSHOT300']);
  let thresholds = $state<(number | null)[]>([null, null, null, null]);

  $effect(() => {
    const body = {
      loopHz: loopHz ?? 0,
      spoken,
      thresholds: thresholds.filter((one): one is number => one !== null)
    };
    void solved.load(() => ask(api.POST('/api/instruments/motor-protocols', { body })));
  });

  function length(us: number): string {
    return us >= 1000 ? `${us / 1000} ms` : `${Number(us.toPrecision(3))} µs`;
  }
</script>

<Paper
  title="Motor protocols"
  text="What FC and ESCs both support, whether the endpoints must be calibrated, and the idle that starts every motor."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="loop" label="The FC gives a value, times a second" bind:value={loopHz} />
    <fieldset>
      <legend>The ESCs support</legend>
      {#each solved.value?.protocols ?? [] as one (one.id)}
        <label class="one"><input type="checkbox" value={one.id} bind:group={spoken} /> {one.label}</label>
      {/each}
    </fieldset>
    <p class="small">The lowest throttle at which each motor starts and keeps on, %:</p>
    <PropsOff bind:off={propsOff} turns="Motors turn here: first take all props off.">
      <div class="four">
        {#each [0, 1, 2, 3] as i (i)}
          <NumberField
            id={`threshold-${i + 1}`}
            label={`motor ${i + 1}`}
            bind:value={() => thresholds[i] ?? null, (one) => (thresholds[i] = one)}
          />
        {/each}
      </div>
    </PropsOff>
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const now = solved.value}
      <p class="big">
        {#if now.choice}Choose <span class="reading">{now.choice}</span>{:else}Nothing they support keeps up
          with the FC: fewer values a second, or other ESCs{/if}
      </p>
      {#if now.idle !== undefined}
        <p class="big">Idle <span class="reading">{Number(now.idle.toFixed(1))} %</span></p>
        <p class="small">
          Usual is about {now.usualIdle} %; the thresholds lie {Number(now.spread.toFixed(1))} % apart.
        </p>
        {#if now.stiff}<p>One needs much more than is usual: its bearing, its wires or its ESC first.</p>{/if}
      {/if}
      {#if now.calibrate}
        <p><strong>Set the ends of the throttle</strong>, or they start unevenly:</p>
        <PropsOff bind:off={propsOff} turns="Battery in with full throttle: first take all props off.">
          <ol>
            {#each now.steps as step, n (n)}<li>{step}</li>{/each}
          </ol>
        </PropsOff>
      {/if}
      <table>
        <thead>
          <tr
            ><th scope="col">protocol</th><th scope="col">pulse, or frame</th><th scope="col"
              >of what is due</th
            ></tr
          >
        </thead>
        <tbody>
          {#each now.protocols as one (one.id)}
            <tr class:not={!one.keepsUp}>
              <th scope="row">{one.label}</th>
              <td class="figure"
                >{one.digital
                  ? length(one.longestUs)
                  : `${length(one.stoppedUs)} to ${length(one.fullUs)}`}</td
              >
              <td>
                <span class="bar" style:width={`${Math.min(120, (120 * one.longestUs) / now.dueUs)}px`}
                ></span>
                {one.keepsUp ? '' : 'does not keep up'}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="small">
        Frames to an ESC that doesn't support them make it stutter or stay still. The second set of tones
        after the battery goes in says that the ESCs hear the FC.
      </p>
    {/if}
  {/snippet}
</Paper>

<style>
  .big {
    font-size: 1.3rem;
  }

  .one {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }

  .four {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.7rem;
  }

  ol {
    list-style: decimal;
    padding-left: 1.4rem;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th,
  td {
    padding: 0.35rem 0.7rem 0.35rem 0;
    border-bottom: 1px solid var(--rule);
    text-align: left;
    font-weight: 400;
  }

  thead th,
  .not {
    color: var(--soft);
  }

  .bar {
    display: inline-block;
    height: 0.7rem;
    margin-right: 0.4rem;
    background: var(--act);
  }

  .not .bar {
    background: var(--danger);
  }
</style>
