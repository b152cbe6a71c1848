<script lang="ts">
  import type { Schemas } from '../api/client';

  type Seen = Schemas['OnBench'];
  /** Receiver and flight controller at one moment on the bench. */
  let { shown }: { shown: Seen } = $props();

  const LAMPS: Record<Seen['lamp'], string> = { DARK: 'dark', SLOW: 'blinks', SOLID: 'solid' };
  const BARS = ['ROLL', 'PITCH', 'THROTTLE', 'YAW'] as const;
  const bar = (one: Seen, name: (typeof BARS)[number]): number | undefined => one.barsUs[name];
</script>

<div class="picture">
  <p class="lamp">
    <span class={`bulb ${shown.lamp}`} aria-hidden="true"></span> LED {LAMPS[shown.lamp]}
  </p>
  <p class="motors">
    motors <span class="reading"
      >{shown.motorPercent === 0 ? 'still' : `${Math.round(shown.motorPercent)} %`}</span
    >
    <span class="small">{shown.armed ? 'armed' : 'disarmed'}{shown.lost ? ', link lost' : ''}</span>
  </p>
  <div class="bars">
    {#each BARS as name (name)}
      {@const us = bar(shown, name)}
      <span>{name.toLowerCase()}</span>
      <span class="rail"
        >{#if us !== undefined}<span class="mark" style:left={`${(us - 800) / 14}%`}></span>{/if}</span
      >
      <span class="figure">{us === undefined ? '–' : Math.round(us)}</span>
    {/each}
  </div>
</div>

<style>
  .picture {
    display: grid;
    grid-template-columns: 10rem 1fr;
    gap: 0.3rem 1.4rem;
    border-block: 1px solid var(--rule);
    padding: 0.7rem 0;
    position: sticky;
    top: 0;
    background: var(--paper);
  }

  .lamp,
  .motors {
    grid-column: 1;
  }

  .motors .small {
    display: block;
  }

  .bulb {
    display: inline-block;
    width: 0.9rem;
    height: 0.9rem;
    border: 2px solid var(--ink);
    border-radius: 50%;
    vertical-align: -0.1rem;
  }

  .bars {
    grid-column: 2;
    grid-row: 1 / span 2;
    display: grid;
    grid-template-columns: 5rem 1fr 3rem;
    gap: 0.2rem 0.7rem;
    align-items: center;
  }

  .rail {
    position: relative;
    height: 0.5rem;
    border-bottom: 2px solid var(--rule);
  }

  .mark {
    position: absolute;
    width: 3px;
    height: 0.9rem;
    top: -0.2rem;
    background: var(--ink);
  }

  @media (max-width: 700px) {
    .picture {
      grid-template-columns: 1fr;
      position: static;
    }

    .bars {
      grid-column: 1;
      grid-row: auto;
    }
  }

  .bulb.SOLID {
    background: var(--act);
  }

  .bulb.SLOW {
    background: linear-gradient(90deg, var(--act) 50%, transparent 50%);
  }
</style>
