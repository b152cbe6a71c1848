<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { words } from '../api/client';
  import Notice from '../shared/Notice.svelte';
  import PropsOff from '../shared/PropsOff.svelte';
  import CraftPicker from './CraftPicker.svelte';
  import { OpenedFor } from './craft.svelte';
  import { ModesState } from './modes.svelte';

  const opened = new OpenedFor();
  const work = new ModesState();
  let mark = $state(opened.mark);
  let trouble = $state('');

  onMount(() => void (mark && ofSheet()));

  async function ofSheet(): Promise<void> {
    trouble = '';
    try {
      await work.ofSheet(mark);
    } catch (thrown) {
      trouble = words(thrown);
    }
  }

  $effect(() => {
    JSON.stringify(work.laid);
    void work.solve();
  });

  const H = 260;
  const W = 150;
  const y = (us: number): number => 20 + (H - 40) * (1 - (us - 800) / 1400);
</script>

<svelte:head><title>Switches and modes – Able Medic</title></svelte:head>

<section class="page">
  <h1>Switches and modes{mark ? ` of ${mark}` : ''}</h1>
  <p class="small">
    Each bar is a channel, its pulse rising upwards. Press a position to put the switch there; the boxes
    beside it are the modes on that channel.
  </p>
  {#if !opened.mark}
    <div class="pick">
      <CraftPicker bind:mark none="as entered below" onchange={() => void (mark && ofSheet())} />
    </div>
  {/if}
  <Notice text={trouble || work.solved.error} />
  <div class="channels">
    {#each work.channels as channel (channel)}
      {@const modes = work.laid.modes.filter((one) => one.channel === channel)}
      {@const levers = work.laid.switches.filter((one) => one.channel === channel)}
      <figure>
        <svg viewBox={`0 0 ${W} ${H}`} role="group" aria-label={`Channel ${channel}`}>
          {#each [1000, 1500, 2000] as us (us)}
            <path d={`M 4 ${y(us)} H ${W - 4}`} class="line" />
            <text x="4" y={y(us) - 3}>{us}</text>
          {/each}
          {#each modes as mode, i (mode.name + i)}
            {@const on = work.on?.includes(mode.name)}
            <rect
              x={74 + (i % 3) * 26}
              y={y(mode.toUs)}
              width="22"
              height={Math.max(3, y(mode.fromUs) - y(mode.toUs))}
              class="mode"
              class:on
            />
            <text x={85 + (i % 3) * 26} y={y(mode.toUs) - 5} text-anchor="middle" class:strong={on}
              >{i + 1}</text
            >
          {/each}
          {#each levers as lever (lever.name)}
            <path
              d={`M 52 ${y(Math.min(...lever.positions))} V ${y(Math.max(...lever.positions))}`}
              class="track"
            />
            {#each lever.positions as us (us)}
              <circle
                cx="52"
                cy={y(us)}
                r={work.at(lever.name) === us ? 11 : 7}
                class="stop"
                class:here={work.at(lever.name) === us}
                role="button"
                tabindex="0"
                aria-label={`${lever.name} to ${us} µs`}
                aria-pressed={work.at(lever.name) === us}
                onclick={() => work.move(lever.name, us)}
                onkeydown={(event) => {
                  if (event.key === 'Enter' || event.key === ' ') {
                    event.preventDefault();
                    work.move(lever.name, us);
                  }
                }}
              />
            {/each}
          {/each}
        </svg>
        <figcaption>
          <strong>channel {channel}</strong>
          <span class="small">auxiliary {channel - 4}</span>
          {#each modes as mode, i (mode.name + i)}<span class="small">{i + 1} {mode.name}</span>{/each}
        </figcaption>
      </figure>
    {/each}
    <div class="now" aria-live="polite">
      <h2>As the switches stand</h2>
      {#if work.on === undefined}
        <p class="small">Too many switches to go through, or none.</p>
      {:else if work.on.length === 0}
        <p class="big">Nothing is on: disarmed, rates.</p>
      {:else}
        <p class="big">On: {work.on.join(', ')}.</p>
      {/if}
      {#each work.solved.value?.remarks ?? [] as one, i (i)}
        <p class={one.weight}>{one.text}</p>
      {:else}
        <p>Nothing to say against it.</p>
      {/each}
      <h2>On the craft</h2>
      <PropsOff turns="The arm switch is one of them: nobody tries it at the bench with the props on.">
        <ol>
          <li>Computer in, radio on, throttle down, craft held down.</li>
          <li>
            Flip each switch through its positions, the arm switch last, and watch the FC’s page of modes.
          </li>
          <li>It must show what stands here. Where it shows something else, enter what it sends.</li>
        </ol>
      </PropsOff>
    </div>
  </div>

  <div class="two">
    <div>
      <h2>Modes</h2>
      <table>
        <thead><tr><th>mode</th><th>channel</th><th>on from, µs</th><th>to, µs</th><td></td></tr></thead>
        <tbody>
          {#each work.laid.modes as mode, i (i)}
            <tr>
              <td
                ><input
                  class="entry"
                  aria-label={`Name of mode ${i + 1}`}
                  maxlength="40"
                  bind:value={mode.name}
                /></td
              >
              <td
                ><NumberEntry
                  whole
                  class="entry reading"
                  aria-label={`Channel of mode ${i + 1}`}
                  bind:value={mode.channel}
                /></td
              >
              <td
                ><NumberEntry
                  unit="µs"
                  class="entry reading"
                  aria-label={`Mode ${i + 1} from`}
                  bind:value={mode.fromUs}
                /></td
              >
              <td
                ><NumberEntry
                  unit="µs"
                  class="entry reading"
                  aria-label={`Mode ${i + 1} to`}
                  bind:value={mode.toUs}
                /></td
              >
              <td
                ><button
                  class="plain"
                  type="button"
                  aria-label={`Take ${mode.name} out`}
                  onclick={() => work.laid.modes.splice(i, 1)}>✕</button
                ></td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <button class="quiet" type="button" onclick={() => work.addMode()}>Another mode</button>
    </div>
    <div>
      <h2>Switches of the radio</h2>
      <table>
        <thead><tr><th>switch</th><th>channel</th><th>it sends, µs</th><td></td></tr></thead>
        <tbody>
          {#each work.laid.switches as lever, i (i)}
            <tr>
              <td
                ><input
                  class="entry"
                  aria-label={`Name of switch ${i + 1}`}
                  maxlength="40"
                  bind:value={lever.name}
                /></td
              >
              <td
                ><NumberEntry
                  whole
                  class="entry reading"
                  aria-label={`Channel of switch ${i + 1}`}
                  bind:value={lever.channel}
                /></td
              >
              <td>
                <select
                  class="entry"
                  aria-label={`Positions of switch ${i + 1}`}
                  value={String(lever.positions.length)}
                  onchange={(event) =>
                    (lever.positions = event.currentTarget.value === '2' ? [1000, 2000] : [1000, 1500, 2000])}
                >
                  <option value="2"
                    >{lever.positions.length === 2 ? lever.positions.join(', ') : '1000, 2000'}</option
                  >
                  <option value="3">1000, 1500, 2000</option>
                </select>
              </td>
              <td
                ><button
                  class="plain"
                  type="button"
                  aria-label={`Take ${lever.name} out`}
                  onclick={() => work.laid.switches.splice(i, 1)}>✕</button
                ></td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <button class="quiet" type="button" onclick={() => work.addSwitch()}>Another switch</button>
    </div>
  </div>
  <h2>Conventions</h2>
  <p class="small">
    Arm on a switch of its own, never shared. Self-level at the position that the hand finds without looking.
    Air-stabilised idle always on, or on a switch: with it the craft holds its attitude at no throttle, and
    lands harder. Motors that spin at idle say that it is armed; motors that stop are quieter at the bench.
  </p>
</section>

<style>
  ol {
    list-style: decimal;
    padding-left: 1.4rem;
  }

  .pick {
    max-width: 24rem;
    margin: 0.8rem 0;
  }

  .channels {
    display: flex;
    flex-wrap: wrap;
    gap: 1.4rem;
    align-items: start;
    border-block: 1px solid var(--rule);
    padding: 0.8rem 0;
    margin: 0.8rem 0 1.4rem;
  }

  figure {
    width: 9.5rem;
  }

  figcaption {
    display: grid;
  }

  .line {
    stroke: var(--rule);
    stroke-width: 1;
  }

  .track {
    stroke: var(--soft);
    stroke-width: 5;
    stroke-linecap: round;
  }

  .mode {
    fill: none;
    stroke: var(--slate);
    stroke-width: 2;
  }

  .mode.on {
    fill: var(--act);
    stroke: var(--act);
  }

  .stop {
    fill: var(--card);
    stroke: var(--soft);
    stroke-width: 2.5;
    cursor: pointer;
  }

  .stop.here {
    fill: var(--ink);
    stroke: var(--ink);
  }

  .stop:focus-visible {
    outline: 3px solid var(--act);
    outline-offset: 2px;
  }

  svg text {
    fill: var(--soft);
    font-size: 12px;
  }

  svg .strong {
    fill: var(--ink);
    font-weight: 700;
  }

  .now {
    flex: 1 1 18rem;
    display: grid;
    gap: 0.5rem;
  }

  .big {
    font-size: 1.3rem;
    font-weight: 700;
  }

  .HARMS,
  .WRONG {
    color: var(--danger);
    font-weight: 700;
  }

  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2.5rem;
    margin-bottom: 1.4rem;
  }

  th {
    text-align: left;
    color: var(--soft);
    font-weight: 400;
  }

  td {
    padding: 0.2rem 0.4rem 0.2rem 0;
  }

  td input {
    width: 100%;
    min-width: 4.5rem;
    font-size: 1rem;
  }

  td:first-child {
    width: 40%;
  }

  td select {
    min-width: 11rem;
    font-size: 1rem;
  }

  @media (max-width: 900px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
