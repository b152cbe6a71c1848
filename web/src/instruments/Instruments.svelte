<script lang="ts">
  const takeOff = [
    {
      href: '/instruments/motor-map',
      name: 'Motor map',
      text: 'From what was seen to spin: the order string to enter, the motors to reverse, the props to move.'
    },
    {
      href: '/instruments/board-orientation',
      name: 'Board orientation',
      text: 'From three motions of the hand, or from the arrow on the board: the alignment angles to enter.'
    },
    {
      href: '/instruments/take-off-motion',
      name: 'Take-off motion',
      text: 'Choose faults and see what the craft does, which axes run away and which faults look the same.'
    }
  ];

  const groups = [
    {
      name: 'Power and voltage',
      instruments: [
        {
          href: '/instruments/read-here',
          name: 'What should I read here?',
          text: 'Two points of a craft: what the meter shows when all is well, and under each fault that changes it.'
        },
        {
          href: '/instruments/scale-from-readings',
          name: 'Scale from readings',
          text: 'One or two readings against the meter: what is behind a wrong voltage, and the scale to enter.'
        },
        {
          href: '/instruments/sense-chain',
          name: 'Sense chain',
          text: 'From the pack over divider and converter to the number on the screen.'
        },
        {
          href: '/instruments/pack',
          name: 'Pack',
          text: 'Sag, resistance, usable charge, when to land, and when the cells are guessed wrong.'
        },
        {
          href: '/instruments/rail-budget',
          name: 'Rail budget',
          text: 'What hangs on each regulator of a craft, what is to spare, and what a poor part does.'
        },
        {
          href: '/instruments/lead-drop',
          name: 'Lead drop',
          text: 'The voltage lost in a lead by gauge and length, and the thinnest gauge that will do.'
        },
        {
          href: '/instruments/limiter-bulb',
          name: 'Limiter bulb',
          text: 'Whether a bulb in series with the pack glows, shines or stays dark.'
        },
        {
          href: '/instruments/meter',
          name: 'Your meter',
          text: 'Its accuracy and leads. Every reading that is predicted goes through it.'
        }
      ]
    },
    { name: 'Take-off', instruments: takeOff }
  ];
</script>

<svelte:head><title>Instruments – Able Medic</title></svelte:head>

<section class="page">
  <h1>Instruments</h1>
  <p class="small">Each computation alone. Opened from a chart, they know the craft.</p>
  <div class="groups">
    {#each groups as group (group.name)}
      <div>
        <h2>{group.name}</h2>
        <ul>
          {#each group.instruments as one (one.href)}
            <li>
              <h3><a href={one.href}>{one.name}</a></h3>
              <p>{one.text}</p>
            </li>
          {/each}
        </ul>
      </div>
    {/each}
  </div>
</section>

<style>
  .groups {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2.5rem;
    margin-top: 1rem;
  }

  li {
    border-bottom: 1px solid var(--rule);
    padding: 0.7rem 0;
  }

  h3 a {
    display: inline-flex;
    min-height: 30px;
    align-items: center;
  }

  @media (max-width: 700px) {
    .groups {
      grid-template-columns: 1fr;
    }
  }
</style>
