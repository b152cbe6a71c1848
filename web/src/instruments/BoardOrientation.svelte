<script lang="ts">
  import HandMotions from './HandMotions.svelte';
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Choice from '../shared/Choice.svelte';
  import Notice from '../shared/Notice.svelte';
  import { OpenedFor } from './craft.svelte';
  import IntoWorkUp from './IntoWorkUp.svelte';
  import { outcome } from './intoWorkUp.svelte';

  type Asked = Schemas['HandMotions'];
  type Motion = 'RIGHT_DOWN' | 'LEFT_DOWN' | 'NOSE_UP' | 'NOSE_DOWN' | 'NOSE_RIGHT' | 'NOSE_LEFT';

  const opened = new OpenedFor();
  const answer = new Loading<Schemas['OrientationAnswer']>();
  const hands: Motion[] = ['RIGHT_DOWN', 'NOSE_DOWN', 'NOSE_RIGHT'];
  let picture = $state<Asked['picture']>();
  let lie = $state<Asked['lie']>();
  let seen = $state<Record<string, Motion | ''>>({ RIGHT_DOWN: '', NOSE_DOWN: '', NOSE_RIGHT: '' });
  let arrow = $state<NonNullable<Asked['arrow']> | ''>('');
  let faceDown = $state(false);
  let told = $state({ rollDeg: 0, pitchDeg: 0, yawDeg: 0 });
  const quarter = [0, 90, 180, 270];

  const arrows = [
    { id: 'FORWARD', label: '↑ forward' },
    { id: 'RIGHT', label: '→ right' },
    { id: 'BACK', label: '↓ back' },
    { id: 'LEFT', label: '← left' }
  ] as const;
  const checks: Record<string, string> = {
    RIGHT_DOWN: 'tilt-right',
    NOSE_DOWN: 'tilt-nose',
    NOSE_RIGHT: 'turn-right'
  };
  /** The three motions as a check of a work-up asks for them. */
  let finding = $derived(
    picture && hands.every((hand) => seen[hand])
      ? {
          checkId: 'tilts',
          outcomes: Object.fromEntries([
            ['picture', outcome(picture)],
            ...hands.map((hand) => [checks[hand], outcome(seen[hand]!)])
          ])
        }
      : undefined
  );
  let looked = $derived(
    arrow
      ? { checkId: 'arrow', outcomes: { seen: `${outcome(arrow)}${faceDown ? '-down' : ''}` } }
      : undefined
  );

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
      picture,
      lie: picture === 'ATTITUDE' ? lie : undefined,
      faceDown
    };
    void answer.load(() => ask(api.POST('/api/instruments/board-orientation', { body })));
  });
</script>

<svelte:head><title>Board orientation – Able Medic</title></svelte:head>

<section class="page">
  <h1>Board orientation{opened.craftId ? ` of ${opened.craftId}` : ''}</h1>
  <p class="small">
    Move the craft by hand, from level each time, and enter what the 3D view on the computer does. Two motions
    settle it; the third checks. Where the view draws the craft, an FC mounted face down shows in how the
    craft is drawn at rest, not in how it moves.
  </p>
  <div class="two">
    <div class="ask">
      <HandMotions bind:picture bind:lie bind:seen />
      <h2>By eye</h2>
      <fieldset class="four">
        <legend>The arrow on the FC points</legend>
        {#each arrows as one (one.id)}
          <Choice
            label={one.label}
            chosen={arrow === one.id}
            onchoose={() => (arrow = arrow === one.id ? '' : one.id)}
          />
        {/each}
      </fieldset>
      <label class="inline"><input type="checkbox" bind:checked={faceDown} /> face down</label>
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
        {#each a.contradictions as text, n (n)}<p class="wrong">{text}</p>{/each}
        {#each a.missing as text, n (n)}<p class="small">Still needed: {text}</p>{/each}
        <IntoWorkUp {opened} {finding} what="the three motions" />
        <IntoWorkUp {opened} finding={looked} what="the arrow" />
      {/if}
    </div>
  </div>
</section>

<style>
  fieldset {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.35rem;
    margin-bottom: 0.8rem;
  }

  .four {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }

  legend {
    margin-bottom: 0.3rem;
    font-weight: 700;
  }

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
