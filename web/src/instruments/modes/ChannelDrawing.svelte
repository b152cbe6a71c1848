<script lang="ts">
  import type { ModesState } from './modes.svelte';

  /** A channel upright: where its switches can stand, and the modes that listen to it. */
  let { work, channel }: { work: ModesState; channel: number } = $props();

  const H = 260;
  const W = 150;
  const y = (us: number): number => 20 + (H - 40) * (1 - (us - 800) / 1400);
  let modes = $derived(work.laid.modes.filter((one) => one.channel === channel));
  let levers = $derived(work.laid.switches.filter((one) => one.channel === channel));
</script>

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
      <text x={85 + (i % 3) * 26} y={y(mode.toUs) - 5} text-anchor="middle" class:strong={on}>{i + 1}</text>
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

<style>
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
</style>
