<script lang="ts">
  import FrameAndSpin from './FrameAndSpin.svelte';
  import MotorMapAnswer from './MotorMapAnswer.svelte';
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import PropsOff from '../shared/PropsOff.svelte';
  import Choice from '../shared/Choice.svelte';
  import { OpenedFor } from './craft.svelte';
  import IntoWorkUp from './IntoWorkUp.svelte';
  import { outcome } from './intoWorkUp.svelte';
  import RotorPicker from './RotorPicker.svelte';

  type Sightings = Schemas['MotorSightings'];
  type Shape = Sightings['shape'];
  type Corner = NonNullable<Schemas['Spun']['corner']>;
  type Spin = NonNullable<Schemas['Spun']['spin']>;

  const opened = new OpenedFor();
  const answer = new Loading<Schemas['MotorMapAnswer']>();
  let shape = $state<Shape>('X');
  let convention = $state<Sightings['convention']>('INWARD');
  let seen = $state<{ corner: Corner | ''; spin: Spin | '' }[]>(
    Array.from({ length: 4 }, () => ({ corner: '', spin: '' }))
  );
  let props = $state<Record<Corner, Spin | ''>>({
    FRONT_RIGHT: '',
    REAR_RIGHT: '',
    REAR_LEFT: '',
    FRONT_LEFT: ''
  });

  const corners: Corner[] = ['FRONT_RIGHT', 'REAR_RIGHT', 'REAR_LEFT', 'FRONT_LEFT'];
  const names = {
    X: ['front-right', 'rear-right', 'rear-left', 'front-left'],
    PLUS: ['front', 'right', 'rear', 'left']
  };
  let cornerNames = $derived(shape === 'PLUS' ? names.PLUS : names.X);
  const short = { CLOCKWISE: 'cw', COUNTER_CLOCKWISE: 'ccw' };
  /** What a press on the drawing tells: of an output, counted from 0, or of the prop that sits there. */
  let propsOff = $state(false);
  let asked = $state<number | 'props'>(0);
  let chosen = $derived.by(() => {
    const line = asked === 'props' ? undefined : seen[asked];
    return line?.corner && line.spin ? { corner: line.corner, spin: line.spin } : undefined;
  });
  let notes = $derived(
    Object.fromEntries(
      corners.map((corner) => [
        corner,
        [
          ...seen.flatMap((s, i) => (s.corner === corner && s.spin ? [`o${i + 1} ${short[s.spin]}`] : [])),
          ...(props[corner] ? [`prop ${short[props[corner]]}`] : [])
        ].join(', ')
      ])
    ) as Record<Corner, string>
  );
  let told = $derived(
    Object.fromEntries(
      corners.map((corner) => [
        corner,
        [...seen.filter((s) => s.corner === corner).map((s) => s.spin), props[corner]].filter(
          (spin) => spin !== ''
        )
      ])
    ) as Record<Corner, Spin[]>
  );
  /** The motors as a check of a work-up asks for them: by their numbers, which are those of the outputs in the usual order. */
  let finding = $derived(
    seen.every((s) => s.corner && s.spin) && (opened.told('output-order') ?? '1-2-3-4') === '1-2-3-4'
      ? {
          checkId: 'motors',
          outcomes: Object.fromEntries(
            seen.map((s, i) => [`spin-${i + 1}`, `${outcome(s.corner)}-${s.spin && short[s.spin]}`])
          )
        }
      : undefined
  );

  function press(corner: Corner, spin: Spin): void {
    if (asked === 'props') {
      props = { ...props, [corner]: props[corner] === spin ? '' : spin };
      return;
    }
    if (chosen?.corner === corner && chosen.spin === spin) {
      seen[asked] = { corner: '', spin: '' };
      return;
    }
    seen[asked] = { corner, spin };
    const next = [1, 2, 3].map((more) => ((asked as number) + more) % 4).find((i) => !seen[i]!.corner);
    asked = next ?? asked;
  }

  onMount(async () => {
    const chart = await opened.load();
    if (chart) {
      shape = chart.sheet.shape;
      convention = opened.told('spins') === 'outward' ? 'OUTWARD' : 'INWARD';
    }
  });

  $effect(() => {
    const body: Sightings = {
      shape,
      convention,
      seen: seen.map((s, i) => ({ output: i + 1, corner: s.corner || undefined, spin: s.spin || undefined })),
      props: Object.fromEntries(Object.entries(props).filter(([, hand]) => hand !== '')) as Sightings['props']
    };
    void answer.load(() => ask(api.POST('/api/instruments/motor-map', { body })));
  });
</script>

<svelte:head><title>Motor map – Able Medic</title></svelte:head>

<section class="page">
  <h1>Motor map{opened.craftId ? ` of ${opened.craftId}` : ''}</h1>
  <p class="small">
    Drive each output alone at the lowest throttle at which it turns; press what turned. What was not seen
    stays open.
  </p>
  <div class="two">
    <div class="ask">
      <FrameAndSpin bind:shape bind:convention />
      <div class="outputs" role="group" aria-label="What a press on the drawing tells">
        {#each seen as line, i (i)}
          <Choice
            label={`Output ${i + 1}${line.corner ? `: ${cornerNames[corners.indexOf(line.corner)]} ${line.spin ? short[line.spin] : ''}` : ''}`}
            chosen={asked === i}
            onchoose={() => (asked = i)}
          />
        {/each}
        <Choice label="Props by eye" chosen={asked === 'props'} onchoose={() => (asked = 'props')} />
      </div>
      {#if asked !== 'props'}
        <PropsOff bind:off={propsOff} turns="Motors turn here: first take all props off." />
      {/if}
      {#if asked === 'props' || propsOff}
        <p class="small" aria-live="polite">
          {asked === 'props'
            ? 'Press each rotor on the side of the way its prop is made to turn.'
            : `Output ${asked + 1}: press the rotor that spun, on the side it spun towards. Press again to undo.`}
        </p>
        <RotorPicker
          {shape}
          names={cornerNames}
          {notes}
          {told}
          {chosen}
          label={asked === 'props' ? 'The hand of each prop' : `What output ${asked + 1} turned`}
          onchoose={press}
        />
      {/if}
    </div>
    <div class="answer" aria-live="polite">
      <h2>What follows</h2>
      <Notice text={answer.error} />
      {#if answer.value}
        <MotorMapAnswer answer={answer.value} />
        <IntoWorkUp {opened} {finding} what="the four motors" />
      {/if}
    </div>
  </div>
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: 1.1fr 1fr;
    gap: 2.5rem;
    margin-top: 1rem;
  }

  .ask,
  .answer {
    display: grid;
    gap: 0.7rem;
    align-content: start;
  }

  .outputs {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
    gap: 0.35rem;
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
