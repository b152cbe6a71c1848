<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { percent } from '../shared/words';
  import { OpenedFor } from './craft.svelte';
  import Plot from './Plot.svelte';

  const opened = new OpenedFor();
  const faults = new Loading<Schemas['NamedFault'][]>();
  const answer = new Loading<Schemas['MotionAnswer']>();
  let one = $state('');
  let other = $state('');

  onMount(() => {
    void faults.load(() =>
      ask(
        api.GET('/api/instruments/faults', {
          params: { query: opened.craftId ? { craftId: opened.craftId } : {} }
        })
      )
    );
  });

  $effect(() => {
    const faultIds = [one, other].filter((id) => id !== '');
    void answer.load(() =>
      ask(
        api.POST('/api/instruments/take-off-motion', {
          body: { craftId: opened.craftId || undefined, faultIds }
        })
      )
    );
  });
</script>

<svelte:head><title>Take-off motion – Able Medic</title></svelte:head>

<section class="page">
  <h1>Take-off motion{opened.craftId ? ` of ${opened.craftId}` : ''}</h1>
  <p class="small">
    {opened.craftId ? 'The craft as on its build sheet' : 'A usual 5-inch craft'}, with the faults that you
    choose.
  </p>
  <Notice text={faults.error || answer.error} />
  <div class="pick">
    <div class="field">
      <label for="one">Fault</label>
      <select id="one" class="entry" bind:value={one}>
        <option value="">none</option>
        {#each faults.value ?? [] as fault (fault.faultId)}<option value={fault.faultId}>{fault.title}</option
          >{/each}
      </select>
    </div>
    <div class="field">
      <label for="other">and at the same time</label>
      <select id="other" class="entry" bind:value={other}>
        <option value="">none</option>
        {#each faults.value ?? [] as fault (fault.faultId)}<option value={fault.faultId}>{fault.title}</option
          >{/each}
      </select>
    </div>
  </div>
  {#if answer.value}
    {@const a = answer.value}
    <div class="two">
      <div>
        <h2>Angles after lift-off</h2>
        {#if !a.lifts}<p><strong>It does not lift off.</strong></p>{/if}
        <Plot
          across="seconds"
          x={a.series.timeS}
          up="degrees"
          unit="°"
          label="Roll, pitch and yaw over time"
          lines={[
            { label: 'roll', y: a.series.rollDeg },
            { label: 'pitch', y: a.series.pitchDeg },
            { label: 'yaw', y: a.series.yawDeg }
          ]}
        />
        <p class="small">Right side down, nose up and nose right count positive.</p>
      </div>
      <div class="answer">
        <h2>The axes</h2>
        <table>
          <tbody>
            {#each a.axes as axis (axis.axis)}
              <tr class:away={axis.hold !== 'held'}><th scope="row">{axis.axis}</th><td>{axis.hold}</td></tr>
            {/each}
          </tbody>
        </table>
        <h2>The motions of its loop</h2>
        {#each a.modes as mode, i (i)}
          <p>
            {mode.says}
            <span class="small figure">
              {mode.growthPerS.toFixed(1)}/s{mode.frequencyRadS > 0.001
                ? `, ${mode.frequencyRadS.toFixed(1)} rad/s`
                : ''}
            </span>
          </p>
        {/each}
        <h2>Looks much the same</h2>
        <ul>
          {#each a.alike as alike (alike.faultId)}
            <li>{alike.title} <span class="small figure">{percent(alike.likeness)}</span></li>
          {:else}
            <li class="small">Nothing else in the book.</li>
          {/each}
        </ul>
        <p class="small">
          Hover: <span class="figure">{a.hoverThrustN.toFixed(2)} N</span> a motor, ideally
          <span class="figure">{a.hoverPowerW.toFixed(0)} W</span> in all.
        </p>
      </div>
    </div>
  {/if}
</section>

<style>
  .pick,
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1rem 2rem;
    margin-top: 1rem;
  }

  .two {
    grid-template-columns: 1.4fr 1fr;
  }

  .answer {
    display: grid;
    gap: 0.4rem;
    align-content: start;
  }

  th {
    text-align: left;
    font-weight: 400;
    padding-right: 1.5rem;
  }

  td {
    font-weight: 700;
    color: var(--act);
  }

  .away td {
    color: var(--danger);
  }

  @media (max-width: 700px) {
    .pick,
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
