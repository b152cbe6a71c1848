<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What each channel gave: a mark at its last value on a line from 800 to 2200 µs, and how far it moved. */
  let { channels }: { channels: Schemas['Channel'][] } = $props();

  const LOW = 800;
  const HIGH = 2200;
  const at = (us: number): number => (100 * (Math.min(HIGH, Math.max(LOW, us)) - LOW)) / (HIGH - LOW);
</script>

<ul aria-label="Channels">
  {#each channels as one (one.number)}
    <li class:moved={one.moved}>
      <span class="figure">{one.number}</span>
      <span class="line" aria-hidden="true">
        <span
          class="range"
          style:left={`${at(one.leastUs)}%`}
          style:width={`${at(one.mostUs) - at(one.leastUs)}%`}
        ></span>
        <span class="middle" style:left={`${at(1500)}%`}></span>
        <span class="mark" style:left={`${at(one.lastUs)}%`}></span>
      </span>
      <span class="figure">{one.lastUs.toFixed(0)} µs</span>
      <span class="small">{one.moved ? 'moves' : ''}</span>
    </li>
  {/each}
</ul>

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(19rem, 1fr));
    gap: 0.1rem 1.6rem;
  }

  li {
    display: grid;
    grid-template-columns: 1.6rem 1fr 4.6rem 3.4rem;
    gap: 0.6rem;
    align-items: center;
  }

  .line {
    position: relative;
    height: 1rem;
    border-bottom: 1px solid var(--soft);
  }

  .line span {
    position: absolute;
    bottom: 0;
  }

  .range {
    height: 6px;
    background: var(--doubt-fill);
  }

  .middle {
    height: 8px;
    border-left: 1px solid var(--soft);
  }

  .mark {
    height: 14px;
    width: 4px;
    margin-left: -2px;
    background: var(--act);
  }

  .moved {
    font-weight: 700;
  }
</style>
