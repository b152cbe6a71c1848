<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { OpenedFor } from './craft.svelte';

  type Asked = Schemas['HandMotions'];
  type Motion = 'RIGHT_DOWN' | 'LEFT_DOWN' | 'NOSE_UP' | 'NOSE_DOWN' | 'NOSE_RIGHT' | 'NOSE_LEFT';

  const opened = new OpenedFor();
  const answer = new Loading<Schemas['OrientationAnswer']>();
  const hands: Motion[] = ['RIGHT_DOWN', 'NOSE_DOWN', 'NOSE_RIGHT'];
  const motions: { id: Motion; label: string }[] = [
    { id: 'RIGHT_DOWN', label: 'right side down' },
    { id: 'LEFT_DOWN', label: 'left side down' },
    { id: 'NOSE_UP', label: 'nose up' },
    { id: 'NOSE_DOWN', label: 'nose down' },
    { id: 'NOSE_RIGHT', label: 'nose to the right' },
    { id: 'NOSE_LEFT', label: 'nose to the left' }
  ];
  let seen = $state<Record<string, Motion | ''>>({ RIGHT_DOWN: '', NOSE_DOWN: '', NOSE_RIGHT: '' });
  let arrow = $state<NonNullable<Asked['arrow']> | ''>('');
  let faceDown = $state(false);
  let told = $state({ rollDeg: 0, pitchDeg: 0, yawDeg: 0 });
  const quarter = [0, 90, 180, 270];

  onMount(async () => {
    await opened.load();
    const [rollDeg = 0, pitchDeg = 0, yawDeg = 0] = (opened.told('alignment') ?? '0/0/0')
      .split('/')
      .map(Number);
    told = { rollDeg, pitchDeg, yawDeg };
  });

  $effect(() => {
    const body: Asked = {
      motions: Object.fromEntries(Object.entries(seen).filter(([, m]) => m !== '')) as Asked['motions'],
      told: { ...told },
      arrow: arrow || undefined,
      faceDown
    };
    void answer.load(() => ask(api.POST('/api/instruments/board-orientation', { body })));
  });
</script>

<svelte:head><title>Board orientation – Able Medic</title></svelte:head>

<section class="page">
  <h1>Board orientation{opened.mark ? ` of ${opened.mark}` : ''}</h1>
  <p class="small">
    Move the craft by hand and say what the computer's picture does. Two motions settle it; the third checks.
  </p>
  <div class="two">
    <div class="ask">
      <h2>By hand</h2>
      {#each hands as hand (hand)}
        <div class="field">
          <label for={hand}>{motions.find((m) => m.id === hand)?.label}: the picture goes</label>
          <select id={hand} class="entry" bind:value={seen[hand]}>
            <option value="">not tried</option>
            {#each motions as motion (motion.id)}<option value={motion.id}>{motion.label}</option>{/each}
          </select>
        </div>
      {/each}
      <h2>By eye</h2>
      <div class="field">
        <label for="arrow">The arrow on the board points</label>
        <select id="arrow" class="entry" bind:value={arrow}>
          <option value="">not looked at</option>
          <option value="FORWARD">forward</option>
          <option value="RIGHT">right</option>
          <option value="BACK">back</option>
          <option value="LEFT">left</option>
        </select>
        <label class="inline"><input type="checkbox" bind:checked={faceDown} /> face down</label>
      </div>
      <h2>Alignment set now</h2>
      <div class="three">
        {#each [['rollDeg', 'roll'], ['pitchDeg', 'pitch'], ['yawDeg', 'yaw']] as const as [field, label] (field)}
          <div class="field">
            <label for={field}>{label}</label>
            <select id={field} class="entry figure" bind:value={told[field]}>
              {#each quarter as degrees (degrees)}<option value={degrees}>{degrees}°</option>{/each}
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
        {#if a.enter}
          <p>Alignment to enter</p>
          <p class="reading"><strong>{a.enterLabel}</strong></p>
          <p>{a.misalignment}</p>
        {/if}
        {#each a.contradictions as text (text)}<p class="wrong">{text}</p>{/each}
        {#each a.missing as text (text)}<p class="small">Still needed: {text}</p>{/each}
      {/if}
    </div>
  </div>
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2.5rem;
    margin-top: 1rem;
  }

  .ask,
  .answer {
    display: grid;
    gap: 0.7rem;
    align-content: start;
  }

  .three {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.8rem;
  }

  .inline {
    display: flex;
    gap: 0.6rem;
    min-height: 44px;
    align-items: center;
    font-weight: 400 !important;
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
