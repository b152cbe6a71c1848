<script lang="ts">
  const instruments = [
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
</script>

<svelte:head><title>Instruments – Able Medic</title></svelte:head>

<section class="page">
  <h1>Instruments</h1>
  <p class="small">Each computation alone. Opened from a chart, they know the craft.</p>
  <ul>
    {#each instruments as one (one.href)}
      <li>
        <h2><a href={one.href}>{one.name}</a></h2>
        <p>{one.text}</p>
      </li>
    {/each}
  </ul>
</section>

<style>
  li {
    border-bottom: 1px solid var(--rule);
    padding: 1rem 0;
    max-width: 46rem;
  }
</style>
