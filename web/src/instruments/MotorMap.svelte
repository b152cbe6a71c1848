<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { OpenedFor } from './craft.svelte';

  type Sightings = Schemas['MotorSightings'];
  type Shape = Sightings['shape'];
  type Corner = NonNullable<Schemas['Spun']['corner']>;
  type Spin = NonNullable<Schemas['Spun']['spin']>;

  const opened = new OpenedFor();
  const answer = new Loading<Schemas['MotorMapAnswer']>();
  let shape = $state<Shape>('X');
  let school = $state<Sightings['school']>('INWARD');
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
  const spins: { id: Spin; label: string }[] = [
    { id: 'CLOCKWISE', label: 'clockwise' },
    { id: 'COUNTER_CLOCKWISE', label: 'counter-clockwise' }
  ];

  onMount(async () => {
    const chart = await opened.load();
    if (chart) {
      shape = chart.sheet.shape;
      school = opened.told('spins') === 'outward' ? 'OUTWARD' : 'INWARD';
    }
  });

  $effect(() => {
    const body: Sightings = {
      shape,
      school,
      seen: seen.map((s, i) => ({ output: i + 1, corner: s.corner || undefined, spin: s.spin || undefined })),
      props: Object.fromEntries(Object.entries(props).filter(([, hand]) => hand !== '')) as Sightings['props']
    };
    void answer.load(() => ask(api.POST('/api/instruments/motor-map', { body })));
  });
</script>

<svelte:head><title>Motor map – Able Medic</title></svelte:head>

<section class="page">
  <h1>Motor map{opened.mark ? ` of ${opened.mark}` : ''}</h1>
  <p class="small">
    Props off. Drive each output alone at the lowest throttle at which it turns; enter what turned. What was
    not seen stays open.
  </p>
  <div class="two">
    <div class="ask">
      <div class="pair">
        <div class="field">
          <label for="shape">Frame</label>
          <select id="shape" class="entry" bind:value={shape}>
            <option value="X">X</option>
            <option value="STRETCHED">stretched or H</option>
            <option value="PLUS">plus</option>
          </select>
        </div>
        <div class="field">
          <label for="school">Spin school</label>
          <select id="school" class="entry" bind:value={school}>
            <option value="INWARD">front blades inward</option>
            <option value="OUTWARD">front blades outward</option>
          </select>
        </div>
      </div>
      {#each seen as line, i (i)}
        <div class="pair">
          <div class="field">
            <label for={`corner-${i}`}>Output {i + 1} turned</label>
            <select id={`corner-${i}`} class="entry" bind:value={line.corner}>
              <option value="">not seen</option>
              {#each corners as corner, c (corner)}<option value={corner}>{cornerNames[c]}</option>{/each}
            </select>
          </div>
          <div class="field">
            <label for={`spin-${i}`}>which way</label>
            <select id={`spin-${i}`} class="entry" bind:value={line.spin}>
              <option value="">not seen</option>
              {#each spins as spin (spin.id)}<option value={spin.id}>{spin.label}</option>{/each}
            </select>
          </div>
        </div>
      {/each}
      <h2>Props by eye</h2>
      <div class="pair">
        {#each corners as corner, c (corner)}
          <div class="field">
            <label for={`prop-${c}`}>{cornerNames[c]}</label>
            <select id={`prop-${c}`} class="entry" bind:value={props[corner]}>
              <option value="">not looked at</option>
              {#each spins as spin (spin.id)}<option value={spin.id}>{spin.label}</option>{/each}
            </select>
          </div>
        {/each}
      </div>
    </div>
    <div class="answer" aria-live="polite">
      <h2>What follows</h2>
      <Notice text={answer.error} />
      {#if answer.value}
        {@const a = answer.value}
        {#each a.contradictions as text (text)}<p class="wrong">{text}</p>{/each}
        {#each a.orders as order (order.numbering)}
          <p>Order to enter, {order.numbering}: <strong class="reading">{order.order}</strong></p>
        {/each}
        {#each a.wiring as text (text)}<p>
            {text}{a.inferred.some((o) => text.startsWith(o)) ? ' (the one left over)' : ''}
          </p>{/each}
        {#if a.reverse.length > 0}
          <h3>Motors to reverse</h3>
          {#each a.reverse as text (text)}<p>{text}</p>{/each}
          <p class="small">
            By the board's command, in the speed controller, or any two of the three motor leads.
          </p>
        {/if}
        {#if a.props.length > 0}
          <h3>Props to move</h3>
          {#each a.props as text (text)}<p>{text}</p>{/each}
        {/if}
        {#if a.missing.length > 0}
          <h3>Still to be seen</h3>
          {#each a.missing as text (text)}<p class="small">{text}</p>{/each}
        {/if}
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

  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.7rem 1rem;
  }

  .wrong {
    color: var(--danger);
    font-weight: 700;
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
