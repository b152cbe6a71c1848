<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What a craft needs of a firmware version, and whether it has it. */
  let { view }: { view: Schemas['FlashView'] } = $props();

  const MET: Record<Schemas['Need']['met'], string> = {
    YES: 'there',
    IF_BUILT_IN: 'choose a build with it',
    NO: 'missing',
    NOT_SAID: 'not said'
  };
</script>

<h2>What this craft needs of {view.target}</h2>
<ul class="lines">
  {#each view.needs.filter((need) => need.met !== 'YES') as need (need.label)}
    <li class:missing={need.met === 'NO'}>
      <strong>{MET[need.met]}</strong>
      {need.label}
      <span class="small">
        {#if need.met === 'NO'}
          {need.versions.length > 0
            ? `version ${need.versions.join(' or ')} has it`
            : 'no version of this family has it'}
        {:else if need.met === 'IF_BUILT_IN'}
          a build without it takes with it: {need.taken.join('; ') || 'its settings'}
        {:else}
          its table does not say
        {/if}
      </span>
    </li>
  {/each}
  {#if view.needs.some((need) => need.met === 'YES')}
    <li>
      <strong>there</strong>
      {view.needs
        .filter((need) => need.met === 'YES')
        .map((need) => need.label)
        .join(', ')}
    </li>
  {/if}
</ul>

<style>
  h2 {
    margin-top: 1.4rem;
  }

  .lines > .missing {
    border-left-color: var(--danger);
  }
</style>
