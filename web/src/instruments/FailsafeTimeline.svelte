<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { api, ask, words, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import CraftPicker from './CraftPicker.svelte';
  import { OpenedFor } from './craft.svelte';

  type Asked = Schemas['LinkLost'];
  type Receiver = Asked['receiver'];
  type Stage2 = Asked['afterGuardTime'];

  const RECEIVERS: [Receiver, string][] = [
    ['NO_FRAMES', 'sends no frames'],
    ['FLAG', 'sends frames with the failsafe flag'],
    ['HOLD', 'holds the last values'],
    ['PRESETS', 'sends its failsafe values']
  ];
  const STAGES: [Stage2, string][] = [
    ['DROP', 'motors off'],
    ['LAND', 'lands on a fixed throttle'],
    ['RETURN_HOME', 'returns home']
  ];
  const opened = new OpenedFor();
  const solved = new Loading<Schemas['TimelineAnswer']>();
  const besides = new Loading<Schemas['TimelineAnswer']>();
  const safest = new Loading<Schemas['SafestView']>();
  let trouble = $state('');
  let mark = $state(opened.mark);
  let other = $state<Stage2 | ''>('');
  let lost = $state<Asked>({
    receiver: 'NO_FRAMES',
    noticeS: 0.5,
    presetArm: false,
    presetThrottle: 0,
    detectS: 0.2,
    guardS: 1,
    afterGuardTime: 'DROP',
    landingThrottle: 20,
    landingS: 60,
    home: {
      fix: true,
      homeSet: true,
      satellites: 10,
      wanted: 8,
      leastM: 10,
      climbToM: 30,
      levelSound: true,
      compassDeg: 0,
      at: 'ARMING'
    },
    speedMs: 10,
    heightM: 20,
    distanceM: 80,
    windMs: 0
  });
  let back = $state<number | null>(null);

  onMount(() => void ofSheet());

  /** Takes receiver and board as the sheet of the craft has them. */
  async function ofSheet(): Promise<void> {
    if (!mark) {
      return;
    }
    try {
      lost = { ...(await ask(api.GET('/api/crafts/{mark}/lost-link', { params: { path: { mark } } }))) };
    } catch (thrown) {
      trouble = words(thrown);
    }
  }

  $effect(() => {
    const path = { mark };
    const school = lost.afterGuardTime;
    if (mark) {
      void safest.load(() =>
        ask(api.GET('/api/crafts/{mark}/safest-failsafe', { params: { path, query: { school } } }))
      );
    }
  });

  $effect(() => {
    const body = {
      ...$state.snapshot(lost),
      ...(mark ? { mark } : {}),
      ...(back === null ? {} : { backS: back })
    };
    void solved.load(() => ask(api.POST('/api/instruments/failsafe-timeline', { body })));
    if (other) {
      const afterGuardTime = other;
      void besides.load(() =>
        ask(api.POST('/api/instruments/failsafe-timeline', { body: { ...body, afterGuardTime } }))
      );
    }
  });

  const W = 560;
  const H = 190;
  let shown = $derived([solved.value, other ? besides.value : undefined].filter((one) => one !== undefined));
  let longest = $derived(Math.max(3, ...shown.flatMap((one) => one.heights.map((at) => at.atS))));
  let highest = $derived(Math.max(5, ...shown.flatMap((one) => one.heights.map((at) => at.heightM))));
  const x = (s: number): number => 30 + ((W - 40) * s) / longest;
  const y = (m: number): number => 10 + (H - 30) * (1 - m / highest);
  const path = (one: Schemas['TimelineAnswer']): string =>
    one.heights.map((at, i) => `${i === 0 ? 'M' : 'L'} ${x(at.atS)} ${y(at.heightM)}`).join(' ');
  const between = (range: Schemas['Between'], digits: number, unit: string): string =>
    range.most - range.least < 0.05
      ? ''
      : `${range.least.toFixed(digits)} to ${range.most.toFixed(digits)} ${unit}`;
  const s = (value: number): string => `${Number(value.toFixed(1))} s`;
</script>

{#snippet slide(id: keyof Asked, label: string, least: number, most: number, step: number, unit: string)}
  <label for={id}>{label} <span class="figure">{lost[id]} {unit}</span></label>
  <input
    {id}
    type="range"
    min={least}
    max={most}
    {step}
    value={Number(lost[id])}
    oninput={(event) => (lost = { ...lost, [id]: Number(event.currentTarget.value) })}
  />
{/snippet}

<svelte:head><title>Failsafe timeline – Able Medic</title></svelte:head>

<section class="page">
  <h1>Failsafe timeline{mark ? ` of ${mark}` : ''}</h1>
  <p class="small">
    What the craft does when the link is lost in flight. Drag a setting to see. This is a calculation, not a
    reason to try it in the air: test it at the bench, props off.
  </p>
  <Notice text={solved.error || trouble} />
  <div class="two">
    <div class="asked">
      {#if !opened.mark}<CraftPicker
          bind:mark
          none="a usual 5-inch craft"
          onchange={() => void ofSheet()}
        />{/if}
      <div class="field">
        <label for="receiver">When the link is lost, the receiver</label>
        <select id="receiver" class="entry" bind:value={lost.receiver}>
          {#each RECEIVERS as [id, label] (id)}<option value={id}>{label}</option>{/each}
        </select>
      </div>
      {#if lost.receiver === 'PRESETS'}
        <label class="one"
          ><input type="checkbox" bind:checked={lost.presetArm} /> its failsafe values keep the arm switch on</label
        >
        {@render slide('presetThrottle', 'throttle of the presets', 0, 100, 1, '%')}
      {/if}
      {@render slide('noticeS', 'the receiver notices after', 0, 3, 0.1, 's')}
      {@render slide('detectS', 'the FC notices after', 0, 2, 0.1, 's')}
      {@render slide('guardS', 'guard time', 0, 10, 0.1, 's')}
      <div class="field">
        <label for="stage">Then</label>
        <select id="stage" class="entry" bind:value={lost.afterGuardTime}>
          {#each STAGES as [id, label] (id)}<option value={id}>{label}</option>{/each}
        </select>
      </div>
      <div class="field">
        <label for="other">Compare with</label>
        <select id="other" class="entry" bind:value={other}>
          <option value="">none</option>
          {#each STAGES.filter(([id]) => id !== lost.afterGuardTime) as [id, label] (id)}<option value={id}
              >{label}</option
            >{/each}
        </select>
      </div>
      {@render slide('landingThrottle', 'landing throttle', 0, 100, 1, '%')}
      {@render slide('landingS', 'landing ends after', 1, 120, 1, 's')}
      <label class="one"><input type="checkbox" bind:checked={lost.home.fix} /> it has a fix</label>
      <label class="one"><input type="checkbox" bind:checked={lost.home.homeSet} /> home was set</label>
      <label class="one"
        ><input type="checkbox" bind:checked={lost.home.levelSound} /> level is calibrated</label
      >
      {#if lost.afterGuardTime === 'RETURN_HOME'}
        <div class="field">
          <label for="satellites">Satellites seen</label>
          <NumberEntry whole id="satellites" class="entry reading" bind:value={lost.home.satellites} />
        </div>
        <div class="field">
          <label for="climb">It climbs first to, m</label>
          <NumberEntry unit="m" id="climb" class="entry reading" bind:value={lost.home.climbToM} />
        </div>
        <div class="field">
          <label for="least">Nearer than this it lands, m</label>
          <NumberEntry unit="m" id="least" class="entry reading" bind:value={lost.home.leastM} />
        </div>
        <div class="field">
          <label for="north">Compass error, °</label>
          <NumberEntry unit="°" id="north" class="entry reading" bind:value={lost.home.compassDeg} />
        </div>
      {/if}
      {@render slide('speedMs', 'speed', 0, 40, 1, 'm/s')}
      {@render slide('heightM', 'height', 1, 120, 1, 'm')}
      {@render slide('windMs', 'wind from home', 0, 20, 1, 'm/s')}
      {@render slide('distanceM', 'distance from home', 0, 500, 5, 'm')}
      <div class="field">
        <label for="back">The link is back after, s</label>
        <NumberEntry unit="s" id="back" class="entry reading" bind:value={back} placeholder="never" />
      </div>
    </div>
    <div class="answer" aria-live="polite">
      {#if solved.value && !solved.error}
        {@const now = solved.value}
        <p class="big">{now.end[0]?.toUpperCase()}{now.end.slice(1)}.</p>
        <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={`Height over time: ${now.end}`}>
          <path d={`M 30 ${y(0)} H ${W - 10}`} class="ground" />
          <text x="0" y={y(highest) + 12}>{Math.round(highest)} m</text>
          <text x={W - 10} y={y(0) - 8} text-anchor="end">{s(longest)}</text>
          {#if other && besides.value}<path d={path(besides.value)} class="line besides" />{/if}
          <path d={path(now)} class="line" />
          {#each now.events as one, i (i)}
            <path d={`M ${x(one.atS)} ${y(0) - 5} V ${y(0) + 5}`} class="mark" />
            <text x={x(one.atS)} y={y(0) + 17} text-anchor="middle">{i + 1}</text>
          {/each}
        </svg>
        {#if other && besides.value}
          <p class="small">
            Thin, {STAGES.find(([id]) => id === other)?.[1]}: {besides.value.end}, {Math.round(
              besides.value.impactJ
            )} J.
          </p>
        {/if}
        <ol>
          {#each now.events as one, i (i)}
            <li><span class="figure">{s(one.atS)}</span> {one.text}</li>
          {/each}
        </ol>
        <dl>
          <dt>flown blind</dt>
          <dd class="reading">
            {Math.round(now.blindM)} m <span class="small">{between(now.spread.blindM, 0, 'm')}</span>
          </dd>
          {#if now.impactMs > 0}
            <dt>comes down at</dt>
            <dd class="reading">
              {Number(now.impactMs.toFixed(1))} m/s, {Math.round(now.impactJ)} J
              <span class="small">{between(now.spread.impactMs, 1, 'm/s')}</span>
            </dd>
          {/if}
          {#if now.driftM > 0.5}
            <dt>the wind takes it</dt>
            <dd class="reading">{Math.round(now.driftM)} m</dd>
          {/if}
          <dt>this craft hovers at about</dt>
          <dd class="reading">{Math.round(now.hoverPercent)} %</dd>
        </dl>
        {#each now.hazards as one, i (i)}<p class="caution">{one}</p>{/each}
        {#if now.pilot.length > 0}
          <h2>What the pilot can do</h2>
          {#each now.pilot as one, i (i)}<p>{one}</p>{/each}
        {/if}
        {#each now.spread.ends as end, i (i)}
          <p class="caution">
            Its mass, drag and reaction are not known exactly; it may also end like this: {end}.
          </p>
        {/each}
        <p class="small">
          Ranges: mass within 5 %, drag within 40 %, reaction times within 30 %, all at their worst together.
        </p>
      {/if}
      {#if mark && safest.value}
        {@const safe = safest.value}
        <h2>The safest settings, by the convention “{safe.school}”</h2>
        {#if safe.cannot}<p class="caution">{safe.cannot}</p>{/if}
        <table>
          <tbody>
            {#each safe.settings as one (one.settingId)}
              <tr>
                <th scope="row">{one.label}</th>
                <td class="figure" class:differs={one.differs}
                  >{one.safest}{#if one.differs}<span class="small now">now {one.now}</span>{/if}</td
                >
                <td class="small">{one.why}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/if}
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

  .asked > label {
    display: flex;
    justify-content: space-between;
    gap: 0.8rem;
  }

  .asked .one {
    justify-content: start;
    align-items: center;
    min-height: 44px;
  }

  input[type='range'] {
    width: 100%;
    min-height: 30px;
    accent-color: var(--act);
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

  svg {
    width: 100%;
  }

  th {
    text-align: left;
    font-weight: 400;
  }

  th,
  td {
    padding: 0.35rem 0.9rem 0.35rem 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
  }

  .differs {
    font-weight: 700;
  }

  .now {
    display: block;
  }

  .ground,
  .mark {
    stroke: var(--soft);
    stroke-width: 1.5;
    fill: none;
  }

  .line {
    stroke: var(--act);
    stroke-width: 3.5;
    fill: none;
  }

  .besides {
    stroke: var(--slate);
    stroke-width: 1.5;
  }

  text {
    fill: var(--soft);
    font-size: 13px;
  }

  ol {
    list-style: decimal;
    padding-left: 1.6rem;
  }

  dl {
    display: grid;
    grid-template-columns: 14rem 1fr;
  }

  dt {
    color: var(--soft);
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
