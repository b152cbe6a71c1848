<script lang="ts">
  import UartsOfBoard from './UartsOfBoard.svelte';
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import type { PartTypeState } from './partType.svelte';

  /** The serial side of a part type: the UARTs of an FC, or the lines that a part speaks on. */
  let { work }: { work: PartTypeState } = $props();

  const choices = new Loading<Schemas['PlannerChoices']>();
  onMount(() => void choices.load(() => ask(api.GET('/api/instruments/port-planner'))));

  const formats = (job: string): Schemas['FormatView'][] =>
    choices.value?.jobs.find((one) => one.id === job)?.formats ?? [];

  function change(line: Schemas['SpokenOf'], job: Schemas['SpokenOf']['job']): void {
    line.job = job;
    line.formats = formats(job)
      .slice(0, 1)
      .map((one) => one.id);
  }

  function toggle(line: Schemas['SpokenOf'], format: Schemas['FormatView']['id']): void {
    line.formats = line.formats.includes(format)
      ? line.formats.filter((one) => one !== format)
      : [...line.formats, format];
  }
</script>

{#if work.partType.kind === 'BOARD'}
  <UartsOfBoard {work} />
{:else if work.partType.kind === 'PART'}
  <h2>Serial lines</h2>
  {#each work.partType.spoken ?? [] as line, i (i)}
    <div class="line">
      <div class="field">
        <label for={`job-${i}`}>for</label>
        <select
          id={`job-${i}`}
          class="entry"
          value={line.job}
          onchange={(event) => change(line, event.currentTarget.value as Schemas['SpokenOf']['job'])}
        >
          {#each choices.value?.jobs ?? [] as job (job.id)}<option value={job.id}>{job.label}</option>{/each}
        </select>
      </div>
      {#each [{ key: 'sends', label: 'it sends on' }, { key: 'hears', label: 'it hears on' }] as const as end (end.key)}
        <div class="field">
          <label for={`${end.key}-${i}`}>{end.label}</label>
          <select id={`${end.key}-${i}`} class="entry" bind:value={line[end.key]}>
            <option value="">no pad</option>
            {#each work.serialPads as name (name)}<option value={name}>{name}</option>{/each}
          </select>
        </div>
      {/each}
      <div class="field">
        <label for={`high-${i}`}>high level, V</label>
        <NumberEntry unit="V" id={`high-${i}`} class="entry" bind:value={line.highV} />
      </div>
      <p class="ticks">
        {#each formats(line.job) as format (format.id)}
          <label class="tick">
            <input
              type="checkbox"
              checked={line.formats.includes(format.id)}
              onchange={() => toggle(line, format.id)}
            />
            {format.label}{line.formats[0] === format.id && line.formats.length > 1 ? ', as it comes' : ''}
          </label>
        {/each}
        <button
          type="button"
          class="plain"
          aria-label={`remove line ${i + 1}`}
          onclick={() => work.partType.spoken!.splice(i, 1)}>remove</button
        >
      </p>
    </div>
  {/each}
  <p>
    <button type="button" class="quiet" disabled={work.serialPads.length === 0} onclick={() => work.addLine()}
      >Add line</button
    >
    {#if work.serialPads.length === 0}<span class="small"
        >Mark the pads that send or hear as serial first.</span
      >{/if}
  </p>
{/if}

<style>
  .line {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 0.6rem 0.8rem;
    align-items: end;
    padding: 0.4rem 0;
    border-bottom: 1px solid var(--rule);
  }

  @media (max-width: 700px) {
    .line {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
