<script lang="ts">
  import MotorOnFrame from './MotorOnFrame.svelte';
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { untrack } from 'svelte';
  import { navigate, route } from '../navigation';
  import Notice from '../shared/Notice.svelte';
  import TopView from '../shared/TopView.svelte';
  import { corners, FrameState } from './frame.svelte';

  /** Frame, motors and board of a craft, changed on its drawing. */
  let craftId = $derived(String(route.params.craftId ?? ''));
  let work = $derived(new FrameState(craftId));
  /** What was pressed: a corner, or the board. */
  let picked = $state('');
  let reason = $state('');

  $effect(() => {
    const current = work;
    untrack(() => void current.load());
  });

  let written = $derived(JSON.stringify(work.sheet));
  $effect(() => {
    if (written && work.chart) {
      untrack(() => void work.draw());
    }
  });

  let motor = $derived(corners.findIndex((corner) => corner === picked));
  let drive = $derived(work.drawing?.drives.find((one) => one.corner === picked));

  const sizes = [
    { field: 'massG', label: 'All-up mass with battery, g' },
    { field: 'motorMassG', label: 'Mass of a motor, g' },
    { field: 'propDiameterMm', label: 'Prop diameter, mm' },
    { field: 'thrustToWeight', label: 'Thrust-to-weight ratio' }
  ] as const;
  const balance = [
    { axis: 'forwardMm', label: 'Balance point, mm forward' },
    { axis: 'rightMm', label: 'Balance point, mm right' }
  ] as const;

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await work.keep(reason)) {
      navigate('/crafts/:craftId', { params: { craftId } });
    }
  }
</script>

<svelte:head><title>Frame and motors of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Frame and motors of <a href={`/crafts/${encodeURIComponent(craftId)}`}>{craftId}</a></h1>
  <Notice text={work.error} />
  {#if work.sheet && work.drawing}
    {@const sheet = work.sheet}
    <form class="two" onsubmit={keep}>
      <div>
        <TopView
          drawing={work.drawing}
          pointed={picked ? [picked] : []}
          label={`${craftId} from above, to be changed`}
          onpick={(what) => (picked = picked === what ? '' : what)}
        />
        <p class="small">Press a motor or the FC to change it.</p>
      </div>
      <div class="side">
        {#if drive && motor >= 0}
          <MotorOnFrame {work} {sheet} {drive} {motor} {craftId} />
        {:else if picked === 'board'}
          <h2>The flight controller</h2>
          <p class="small">How it is mounted on the craft. Its alignment setting is in the configuration.</p>
          <div class="do">
            <button type="button" class="quiet" onclick={() => work.turnBoard()}
              >A quarter to the right</button
            >
            <button type="button" class="quiet" onclick={() => work.turnBoardOver()}>On its other face</button
            >
          </div>
          <p>
            roll {sheet.mounted.rollDeg}°, pitch {sheet.mounted.pitchDeg}°, yaw {sheet.mounted.yawDeg}°
          </p>
        {/if}
        <h2>The craft</h2>
        <div class="pair">
          {#each sizes as one (one.field)}
            <div class="field">
              <label for={one.field}>{one.label}</label>
              <NumberEntry
                id={one.field}
                class="entry"
                value={sheet[one.field]}
                onnumber={(given) => given !== null && (sheet[one.field] = given)}
              />
            </div>
          {/each}
          {#each balance as one (one.axis)}
            <div class="field">
              <label for={`balance-${one.axis}`}>{one.label}</label>
              <NumberEntry
                id={`balance-${one.axis}`}
                class="entry"
                unit="mm"
                value={sheet.balance?.[one.axis]}
                placeholder="under the centre of thrust"
                onnumber={(mm) => work.balance(one.axis, mm)}
              />
            </div>
          {/each}
        </div>
        <p class="small">
          Motor numbering, output order, alignment and channel order are in the
          <a href={`/crafts/${encodeURIComponent(craftId)}/configuration`}>configuration</a>.
        </p>
        <div class="field">
          <label for="reason">Why it is changed</label>
          <input id="reason" class="entry" bind:value={reason} maxlength="400" />
        </div>
        <p><button class="act" disabled={work.busy || reason.trim() === ''}>Save to the sheet</button></p>
      </div>
    </form>
  {/if}
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
    gap: 2.2rem;
    margin-top: 1rem;
    align-items: start;
  }

  .side {
    display: grid;
    gap: 0.8rem;
  }

  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem 1rem;
    align-items: end;
  }

  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
