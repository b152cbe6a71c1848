<script lang="ts">
  /** The two sticks of a radio from above, with the one to push and the way it is pushed. */
  let { name, toward }: { name: string; toward: string } = $props();

  const WAYS: Record<string, { x: number; y: number }> = {
    right: { x: 1, y: 0 },
    left: { x: -1, y: 0 },
    forward: { x: 0, y: -1 },
    up: { x: 0, y: -1 }
  };
  const RUN = 34;
  let onLeft = $derived(name === 'throttle' || name === 'yaw');
  let centre = $derived({ x: onLeft ? 70 : 210, y: 70 });
  let way = $derived(WAYS[toward] ?? { x: 0, y: 0 });
  let tip = $derived({ x: centre.x + way.x * RUN, y: centre.y + way.y * RUN });
</script>

<figure>
  <svg viewBox="0 0 280 140" role="img" aria-label={`Push the ${name} stick ${toward}`}>
    {#each [70, 210] as x (x)}
      <circle cx={x} cy="70" r="52" class="well" />
      <path d={`M ${x - 44} 70 H ${x + 44} M ${x} 26 V 114`} class="axis" />
      <circle cx={x} cy="70" r="11" class="rest" />
    {/each}
    <path d={`M ${centre.x} ${centre.y} L ${tip.x} ${tip.y}`} class="push" />
    <circle cx={tip.x} cy={tip.y} r="13" class="tip" />
  </svg>
  <figcaption class="small">
    {name}, {toward}. Drawn for throttle and yaw on the left; yours may be the other way round.
  </figcaption>
</figure>

<style>
  svg {
    width: 100%;
    max-width: 20rem;
    display: block;
  }

  .well {
    fill: none;
    stroke: var(--rule);
    stroke-width: 2;
  }

  .axis {
    stroke: var(--rule);
    stroke-width: 1;
  }

  .rest {
    fill: var(--paper);
    stroke: var(--soft);
    stroke-width: 2;
  }

  .push {
    stroke: var(--act);
    stroke-width: 5;
  }

  .tip {
    fill: var(--act);
  }
</style>
