<script lang="ts">
  import type { Schemas } from '../api/client';

  /** The boxes of the way with what is entered at each, and the hops between them with how full they are. */
  let { hops, entries }: { hops: Schemas['HopView'][]; entries: Schemas['Entry'][] } = $props();

  const BOX = 170;
  const HOP = 133;
  const x = (i: number): number => i * (BOX + HOP);
  const words: Record<Schemas['HopView']['grade'], string> = {
    HARMS: 'harms',
    WRONG: 'wrong',
    DOUBTFUL: 'doubtful',
    SOUND: 'sound'
  };
  /** What is entered, in lines that fit a box. */
  function lines(text: string): string[] {
    const rows: string[] = [''];
    for (const word of text.split(' ')) {
      const last = rows.length - 1;
      const longer = `${rows[last] ?? ''} ${word}`.trim();
      if (longer.length > 21) {
        rows.push(word);
      } else {
        rows[last] = longer;
      }
    }
    return rows;
  }
</script>

<svg viewBox="0 0 1080 150" role="img" aria-label="The way of telemetry, box by box">
  {#each entries as entry, i (entry.box)}
    <rect class="box" x={x(i) + 1} y="6" width={BOX - 2} height="132" rx="5" />
    <text class="name" x={x(i) + 12} y="30">{entry.box}</text>
    {#each lines(entry.text) as row, k (k)}<text class="row" x={x(i) + 12} y={52 + 19 * k}>{row}</text>{/each}
  {/each}
  {#each hops as hop, i (hop.label)}
    {@const from = x(i) + BOX}
    <line
      class={hop.grade.toLowerCase()}
      x1={from}
      x2={from + HOP}
      y1="72"
      y2="72"
      stroke-dasharray={i === 1 ? '9 6' : ''}
    />
    <text class="grade" x={from + HOP / 2} y="58">{words[hop.grade]}</text>
    <rect class="frame" x={from + 16} y="86" width={HOP - 32} height="10" />
    <rect
      class:full={hop.share > 0.7}
      class="fill"
      x={from + 16}
      y="86"
      width={(HOP - 32) * Math.min(1, hop.share)}
      height="10"
    />
    <text class="grade" x={from + HOP / 2} y="116">{(100 * hop.share).toFixed(0)} % full</text>
  {/each}
</svg>

<style>
  svg {
    width: 100%;
    display: block;
    background: var(--card);
    border: 1px solid var(--rule);
    border-radius: 4px;
  }

  text {
    font-size: 15px;
    fill: var(--ink);
  }

  .name {
    font-weight: 700;
    font-size: 17px;
  }

  .row {
    fill: var(--soft);
  }

  .grade {
    text-anchor: middle;
  }

  .box {
    fill: var(--paper);
    stroke: var(--soft);
  }

  line {
    stroke-width: 4;
    stroke: var(--act);
  }

  line.wrong,
  line.harms {
    stroke: var(--danger);
  }

  line.doubtful {
    stroke: var(--doubt-fill);
  }

  .frame {
    fill: none;
    stroke: var(--soft);
  }

  .fill {
    fill: var(--act);
  }

  .fill.full {
    fill: var(--danger);
  }
</style>
