<script lang="ts">
  /** What the lines and marks of the wire and power map stand for. */
  const lines = [
    { kind: 'supply', text: 'supply' },
    { kind: 'ground', text: 'ground' },
    { kind: 'signal', text: 'signal' },
    { kind: 'sense', text: 'sense' }
  ];
  const marks = [
    { kind: 'proven', craftId: '✓', text: 'proven sound' },
    { kind: 'doubted', craftId: '?', text: 'doubted' },
    { kind: 'broken', craftId: '✕', text: 'broken' }
  ];
</script>

<ul class="small">
  {#each lines as line (line.kind)}
    <li>
      <svg viewBox="0 0 44 12" width="44" height="12" aria-hidden="true"
        ><line class={line.kind} x1="0" x2="44" y1="6" y2="6" /></svg
      >{line.text}
    </li>
  {/each}
  {#each marks as one (one.kind)}
    <li><span class={`tick ${one.kind}`} aria-hidden="true">{one.craftId}</span>{one.text}</li>
  {/each}
  <li>no mark: unknown</li>
  <li><span aria-hidden="true">○</span>pad</li>
  <li><span aria-hidden="true">▫</span>end of a wire: crimp, or strands at the joint</li>
</ul>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1.3rem;
  }

  li {
    display: inline-flex;
    gap: 0.45rem;
    align-items: center;
  }

  line {
    stroke: var(--soft);
    stroke-width: 1.5;
  }

  .supply {
    stroke-width: 3.5;
  }

  .signal {
    stroke-dasharray: 2 4;
    stroke-width: 2;
  }

  .sense {
    stroke-dasharray: 10 4 2 4;
    stroke-width: 2;
  }

  .tick {
    border: 1.5px solid currentcolor;
    border-radius: 50%;
    width: 1.4rem;
    text-align: center;
    font-weight: 700;
    line-height: 1.3rem;
  }

  .proven {
    color: var(--act);
  }

  .doubted {
    color: var(--doubt);
  }

  .broken {
    color: var(--danger);
  }
</style>
