<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import Notice from '../../shared/Notice.svelte';
  import { sentence } from '../../shared/words';
  import CraftPicker from '../CraftPicker.svelte';
  import { OpenedFor } from '../craft.svelte';
  import { FailsafeState, stage } from './failsafe.svelte';
  import FlightForm from './FlightForm.svelte';
  import HeightChart from './HeightChart.svelte';
  import LinkForm from './LinkForm.svelte';
  import Outcome from './Outcome.svelte';
  import SafestTable from './SafestTable.svelte';

  const opened = new OpenedFor();
  const work = new FailsafeState(opened.craftId);
  let now = $derived(work.solved.error ? undefined : work.solved.value);

  onMount(() => void work.ofSheet());

  $effect(() => {
    void [work.craftId, work.lost.afterGuardTime];
    untrack(() => void work.findSafest());
  });

  $effect(() => {
    void [work.body, work.other];
    untrack(() => void work.solve());
  });
</script>

<svelte:head><title>Failsafe timeline – Able Medic</title></svelte:head>

<section class="page">
  <h1>Failsafe timeline{work.craftId ? ` of ${work.craftId}` : ''}</h1>
  <p class="small">
    What the craft does when the link is lost in flight. Drag a setting to see. This is a calculation, not a
    reason to try it in the air: test it at the bench, props off.
  </p>
  <Notice text={work.solved.error || work.trouble} />
  <div class="two">
    <div class="asked">
      {#if !opened.craftId}<CraftPicker
          bind:craftId={work.craftId}
          none="a usual 5-inch craft"
          onchange={() => void work.ofSheet()}
        />{/if}
      <LinkForm {work} />
      <FlightForm {work} />
    </div>
    <div class="answer" aria-live="polite">
      {#if now}
        <p class="big">{sentence(now.end)}.</p>
        <HeightChart shown={work.shown} />
        {#if work.shown[1]}
          <p class="small">
            Thin, {stage(work.other)}: {work.shown[1].end}, {Math.round(work.shown[1].impactJ)} J.
          </p>
        {/if}
        <Outcome {now} />
      {/if}
      {#if work.craftId && work.safest.value}<SafestTable safe={work.safest.value} />{/if}
    </div>
  </div>
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(15rem, 20rem) 1fr;
    gap: 2.2rem;
    margin-top: 1rem;
    align-items: start;
  }

  .asked {
    display: grid;
    gap: 0.35rem;
  }

  .answer {
    display: grid;
    gap: 0.8rem;
    position: sticky;
    top: 1rem;
  }

  .big {
    font-size: 1.3rem;
    font-weight: 700;
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }

    .answer {
      position: static;
    }
  }
</style>
