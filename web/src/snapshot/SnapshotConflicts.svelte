<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What of a settings export conflicts with the craft. */
  let { view, craftId }: { view: Schemas['SnapshotView']; craftId: string } = $props();

  const GRADES: Record<Schemas['LintView']['severity'], string> = {
    HAZARD: 'hazard',
    CANNOT_WORK: 'can’t work',
    DOUBTFUL: 'not certain'
  };
</script>

<h3>Conflicts with this craft</h3>
<ul class="lint">
  {#each view.lint as one, i (i)}
    <li class={one.severity.toLowerCase()}>
      <strong>{GRADES[one.severity]}</strong>
      <span>
        {one.cause}. <em>{one.remedy}.</em>
        <span class="small where">
          {#each one.settings as setting (setting.id)}
            <a href={`/crafts/${encodeURIComponent(craftId)}/configuration?setting=${setting.id}`}
              >{setting.label} on the sheet</a
            >
          {/each}
          {#each one.pads as pad (pad.address)}
            <a href={`/crafts/${encodeURIComponent(craftId)}/wiring?pad=${encodeURIComponent(pad.address)}`}
              >wires at {pad.label}</a
            >
          {/each}
          {#if one.settles}It would settle: {one.settles}.{/if}
        </span>
      </span>
    </li>
  {:else}
    <li class="sound">Nothing: it agrees with the wires, battery, arrow and motors on the sheet.</li>
  {/each}
</ul>

<style>
  h3 {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    margin: 1.4rem 0 0.4rem;
    font-size: 1.1rem;
    font-weight: 700;
  }

  .where {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1rem;
  }

  .lint li {
    display: grid;
    grid-template-columns: 7rem 1fr;
    gap: 0.6rem;
    padding: 0.4rem 0.6rem;
    border-left: 4px solid var(--rule);
    border-bottom: 1px solid var(--rule);
  }

  .lint li.sound {
    display: block;
  }

  .lint .sound {
    border-left-color: var(--act);
  }

  .lint .hazard,
  .lint .cannot_work {
    border-left-color: var(--danger);
  }

  .lint .doubtful {
    border-left-color: var(--doubt-fill);
  }
</style>
