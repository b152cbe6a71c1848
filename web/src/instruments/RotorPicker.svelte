<script lang="ts">
  import type { Schemas } from '../api/client';

  type Corner = NonNullable<Schemas['Spun']['corner']>;
  type Spin = NonNullable<Schemas['Spun']['spin']>;

  /** Four rotors from above. A press on one half of a rotor says that it turns that way. */
  let {
    shape,
    names,
    notes,
    told,
    chosen,
    label,
    onchoose
  }: {
    shape: Schemas['MotorSightings']['shape'];
    /** Of the corners, clockwise from the front right. */
    names: string[];
    /** What is known of each corner, in words; stands inside its rotor. */
    notes: Record<Corner, string>;
    /** The ways that were told of each corner. */
    told: Record<Corner, Spin[]>;
    chosen: { corner: Corner; spin: Spin } | undefined;
    /** What is asked for. */
    label: string;
    onchoose: (corner: Corner, spin: Spin) => void;
  } = $props();

  const R = 62;
  const corners: Corner[] = ['FRONT_RIGHT', 'REAR_RIGHT', 'REAR_LEFT', 'FRONT_LEFT'];
  const places = {
    X: [
      [88, -88],
      [88, 88],
      [-88, 88],
      [-88, -88]
    ],
    PLUS: [
      [0, -112],
      [112, 0],
      [0, 112],
      [-112, 0]
    ]
  };
  const ways: { spin: Spin; words: string; half: string; arrow: string }[] = [
    {
      spin: 'COUNTER_CLOCKWISE',
      words: 'counter-clockwise',
      half: `M 0 ${-R} A ${R} ${R} 0 0 0 0 ${R} Z`,
      arrow: 'M -22 -40 A 46 46 0 0 0 -22 40 M -36 34 L -22 40 L -24 25'
    },
    {
      spin: 'CLOCKWISE',
      words: 'clockwise',
      half: `M 0 ${-R} A ${R} ${R} 0 0 1 0 ${R} Z`,
      arrow: 'M 22 -40 A 46 46 0 0 1 22 40 M 36 34 L 22 40 L 24 25'
    }
  ];
  let at = $derived(shape === 'PLUS' ? places.PLUS : places.X);

  const is = (corner: Corner, spin: Spin) => chosen?.corner === corner && chosen.spin === spin;

  function onkeydown(event: KeyboardEvent, i: number, w: number): void {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step !== undefined) {
      event.preventDefault();
      const all = (event.currentTarget as SVGElement).ownerSVGElement!.querySelectorAll<SVGElement>(
        '[role=button]'
      );
      all[(2 * i + w + step + all.length) % all.length]!.focus();
    } else if (event.key === ' ' || event.key === 'Enter') {
      event.preventDefault();
      onchoose(corners[i]!, ways[w]!.spin);
    }
  }
</script>

<svg viewBox="-180 -184 360 340" role="group" aria-label={label}>
  <text class="front" x="0" y="-164" text-anchor="middle">front</text>
  {#each at as [x, y], i (i)}
    <line x1="0" y1="0" x2={x} y2={y} />
  {/each}
  <rect x="-20" y="-20" width="40" height="40" />
  {#each corners as corner, i (corner)}
    <g transform={`translate(${at[i]![0]} ${at[i]![1]})`}>
      {#each ways as way, w (way.spin)}
        <g
          class="way"
          class:chosen={is(corner, way.spin)}
          class:told={told[corner].includes(way.spin)}
          role="button"
          tabindex="0"
          aria-pressed={is(corner, way.spin)}
          aria-label={`${names[i]}, ${way.words}`}
          onclick={() => onchoose(corner, way.spin)}
          onkeydown={(event) => onkeydown(event, i, w)}
        >
          <path class="half" d={way.half} />
          <path class="arrow" d={way.arrow} />
        </g>
      {/each}
      <circle r={R} />
      <text y="-2" text-anchor="middle" class="name">{names[i]}</text>
      <text y="20" text-anchor="middle" class="note">{notes[corner]}</text>
    </g>
  {/each}
</svg>

<style>
  svg {
    width: 100%;
    max-width: 24rem;
    height: auto;
    display: block;
  }

  line {
    stroke: var(--rule);
    stroke-width: 6;
  }

  rect {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .way {
    outline: none;
    cursor: pointer;
  }

  .half {
    fill: var(--card);
  }

  circle {
    fill: none;
    stroke: var(--soft);
    pointer-events: none;
  }

  .arrow {
    fill: none;
    stroke: var(--soft);
    stroke-width: 2;
  }

  .way:hover .half {
    fill: var(--act-tint);
  }

  .chosen .half {
    fill: var(--act-tint);
    stroke: var(--act);
    stroke-width: 3;
  }

  .told .half {
    fill: var(--act-tint);
  }

  .told .arrow {
    stroke: var(--act);
    stroke-width: 4;
  }

  .way:focus-visible .half {
    stroke: var(--doubt-fill);
    stroke-width: 5;
  }

  text {
    fill: var(--ink);
    font-size: 15px;
    pointer-events: none;
  }

  .front {
    fill: var(--soft);
  }

  .name {
    font-weight: 700;
  }

  .note {
    font-family: 'Atkinson Hyperlegible Mono', monospace;
  }
</style>
