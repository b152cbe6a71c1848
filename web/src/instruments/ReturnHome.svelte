<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import CraftPicker from './CraftPicker.svelte';
  import { OpenedFor } from './craft.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const SIGNS: Record<Schemas['Condition']['go'], string> = { GO: '✓', NO_GO: '✕', UNKNOWN: '?' };
  const SAID: Record<Schemas['Condition']['go'], string> = {
    GO: 'holds',
    NO_GO: 'does not hold',
    UNKNOWN: 'not known'
  };
  const opened = new OpenedFor();
  const solved = new Loading<Schemas['ReturnAnswer']>();
  let craftId = $state(opened.craftId);
  let satellites = $state<number | null>(null);
  let noted = $state<'' | 'yes' | 'no'>('');
  let obstacle = $state<number | null>(null);
  let wind = $state<number | null>(null);

  $effect(() => {
    const body = {
      craftId,
      ...(satellites === null ? {} : { satellites }),
      ...(noted ? { homeNoted: noted === 'yes' } : {}),
      ...(obstacle === null ? {} : { obstacleM: obstacle }),
      ...(wind === null ? {} : { windMs: wind })
    };
    if (craftId) {
      void solved.load(() => ask(api.POST('/api/instruments/return-home', { body })));
    }
  });

  function count(answer: Schemas['ReturnAnswer'], go: Schemas['Condition']['go']): number {
    return answer.conditions.filter((one) => one.go === go).length;
  }
</script>

<Paper
  title={`Return home${craftId ? ` of ${craftId}` : ''}: go or no go`}
  text="Before the first test. What nobody knows is a no-go. Local law and your licence come first."
  error={solved.error}
>
  {#snippet asked()}
    {#if !opened.craftId}<CraftPicker bind:craftId />{/if}
    <NumberField id="satellites" label="Satellites seen" bind:value={satellites} />
    <div class="field">
      <label for="noted">Distance to home was zero when it was armed</label>
      <select id="noted" class="entry" bind:value={noted}>
        <option value="">not checked</option>
        <option value="yes">yes</option>
        <option value="no">no</option>
      </select>
    </div>
    <NumberField id="obstacle" label="Highest thing within reach, m" bind:value={obstacle} />
    <NumberField id="wind" label="Wind, m/s" bind:value={wind} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && craftId && !solved.error}
      {@const now = solved.value}
      <p class="big" class:go={now.go}>
        {#if now.go}Go.{:else}No go: {[
            count(now, 'NO_GO') ? `${count(now, 'NO_GO')} do not hold` : '',
            count(now, 'UNKNOWN') ? `${count(now, 'UNKNOWN')} not known` : ''
          ]
            .filter(Boolean)
            .join(', ')}.{/if}
      </p>
      <ul>
        {#each now.conditions as one, i (i)}
          <li class={one.go}>
            <span class="sign" aria-label={SAID[one.go]}>{SIGNS[one.go]}</span>
            <span>
              {one.what}
              {#if one.remedy && one.go !== 'GO'}<span class="small">{one.remedy}</span>{/if}
            </span>
            <span class="value"
              ><span class="figure">{one.value}</span> <span class="small">{one.source}</span></span
            >
          </li>
        {/each}
      </ul>
      {#if now.plan.length > 0}
        <h2>The try</h2>
        <ol>
          {#each now.plan as step, i (i)}<li>{step}</li>{/each}
        </ol>
      {/if}
      <p class="caution">Ready to take over, from the first second to the last.</p>
    {:else if !craftId}
      <p>Choose the craft first.</p>
    {/if}
  {/snippet}
</Paper>

<style>
  .big {
    font-size: 1.3rem;
    font-weight: 700;
    color: var(--danger);
  }

  .big.go {
    color: var(--act);
  }

  ul li {
    display: grid;
    grid-template-columns: 1.6rem 1.2fr 1fr;
    gap: 0.6rem;
    border-bottom: 1px solid var(--rule);
    padding: 0.4rem 0;
  }

  li .small {
    display: block;
  }

  .sign {
    font-weight: 700;
  }

  .GO .sign {
    color: var(--act);
  }

  .NO_GO .sign {
    color: var(--danger);
  }

  ol {
    list-style: decimal;
    padding-left: 1.6rem;
    display: grid;
    gap: 0.5rem;
  }
</style>
