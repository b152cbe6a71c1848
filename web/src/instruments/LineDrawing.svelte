<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { TwoEndsState } from './twoEnds.svelte';

  /** A part, its wires and the UART at their other end. */
  let {
    ends,
    jobs,
    all,
    judged
  }: {
    ends: TwoEndsState;
    jobs: Schemas['JobView'][];
    all: Schemas['FormatView'][];
    judged: Schemas['FoundAtEnds'][];
  } = $props();

  let worst = $derived(judged[0]?.grade);
  let line = $derived(
    worst === undefined ? 'sound' : worst === 'DOUBTFUL' || worst === 'UNKNOWN' ? 'doubt' : 'bad'
  );
</script>

<svg viewBox="0 0 900 128" role="img" aria-label="The part, its wires and the UART">
  <rect class="box" x="2" y="14" width="220" height="100" rx="6" />
  <text class="name" x="18" y="48">{jobs.find((one) => one.id === ends.job)?.label ?? ''}</text>
  <text x="18" y="74">{all.find((one) => one.id === ends.format)?.label ?? ''}</text>
  <text class="note" x="18" y="98">{ends.baud} baud</text>
  {#if ends.sends}
    <line class={line} x1="222" x2="560" y1="42" y2="42" />
    <text class="note" x="234" y="34">sends</text>
    <text class="note end" x="550" y="34">pad {ends.sends}</text>
  {/if}
  {#if ends.hears}
    <line class={line} x1="222" x2="560" y1="84" y2="84" />
    <text class="note" x="234" y="76">receives</text>
    <text class="note end" x="550" y="76">pad {ends.hears}</text>
  {/if}
  {#if ends.ground}<line class="ground" x1="222" x2="560" y1="108" y2="108" />{/if}
  <rect class="box" x="560" y="14" width="336" height="100" rx="6" />
  <text class="name" x="578" y="48">{ends.read ? `UART ${ends.toldPort}` : 'UART not read'}</text>
  {#if ends.read}
    <text x="578" y="74"
      >{jobs.find((one) => one.id === ends.toldJob)?.label ?? 'no function'}, {all.find(
        (one) => one.id === ends.toldFormat
      )?.label}</text
    >
    <text class="note" x="578" y="98"
      >{ends.toldBaud} baud, inversion {ends.inverted ? 'on' : 'off'}{ends.oneWire
        ? ', half duplex'
        : ''}</text
    >
  {/if}
</svg>

<style>
  svg {
    width: 100%;
    display: block;
    margin: 0.8rem 0;
  }

  text {
    font-size: 16px;
    fill: var(--ink);
  }

  .name {
    font-weight: 700;
    font-size: 18px;
  }

  .note {
    font-size: 14px;
    fill: var(--soft);
  }

  .end {
    text-anchor: end;
  }

  .box {
    fill: var(--card);
    stroke: var(--soft);
  }

  line {
    stroke-width: 3;
  }

  line.ground {
    stroke: var(--ink);
    stroke-width: 2;
  }

  line.sound {
    stroke: var(--act);
  }

  line.bad {
    stroke: var(--danger);
    stroke-dasharray: 10 6;
  }

  line.doubt {
    stroke: var(--doubt-fill);
  }
</style>
