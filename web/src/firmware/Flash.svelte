<script lang="ts">
  import FlashNeeds from './FlashNeeds.svelte';
  import SettingsFirst from './SettingsFirst.svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import { FlashState } from './flash.svelte';

  /** A flash planned before it is done: what it takes away, its steps, and what to try when it stops. */
  let craftId = $derived(String(route.params.craftId ?? ''));
  let flash = $derived(new FlashState(craftId));
  const families = new Loading<Schemas['FamilyView'][]>();
  let family = $state('');
  let version = $state('');
  let chosen = $derived(families.value?.find((one) => one.id === family));

  $effect(() => {
    untrack(() => void families.load(() => ask(api.GET('/api/firmware-families'))));
  });
  $effect(() => {
    const first = families.value?.[0];
    if (first && family === '') {
      family = first.id;
    }
  });
  $effect(() => {
    if (chosen && !chosen.versions.includes(version)) {
      version = chosen.versions.at(-1) ?? '';
    }
  });
  $effect(() => {
    const [current, f, v] = [flash, family, version];
    if (f && v && chosen?.versions.includes(v)) {
      untrack(() => void current.load(f, v));
    }
  });
</script>

<svelte:head><title>Flash of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Plan a flash</h1>
  <p>
    <a href={`/crafts/${encodeURIComponent(craftId)}`}>{craftId}</a>
    <a href={`/crafts/${encodeURIComponent(craftId)}/snapshots`}>Settings exports</a>
  </p>
  <Notice text={families.error || flash.plan.error || flash.error} />
  <div class="target">
    <label for="family">Firmware to flash</label>
    <select id="family" class="entry" bind:value={family}>
      {#each families.value ?? [] as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
    </select>
    <label for="version">version</label>
    <select id="version" class="entry" bind:value={version}>
      {#each chosen?.versions ?? [] as one (one)}<option value={one}>{one}</option>{/each}
    </select>
  </div>

  {#if flash.view}
    {@const view = flash.view}
    <SettingsFirst {flash} {view} {craftId} />

    {#if view.snapshot !== undefined}
      <h2>What {view.target} does to them</h2>
      {#if view.lost.length + view.renamed.length === 0}
        <p>Every setting that differs from the usual keeps its name.</p>
      {/if}
      <ul class="lines">
        {#each view.lost as one (one.label)}
          <li>
            <strong>gone</strong>
            {one.label}: <span class="figure">{one.value}</span>
            <span class="small"
              >{one.versions.length > 0
                ? `needs version ${one.versions.join(' or ')}`
                : 'no version of this family has it'}</span
            >
          </li>
        {/each}
        {#each view.renamed as one (one.label)}
          <li>
            <strong>renamed</strong>
            <span class="figure">{one.before} → {one.after}</span>
          </li>
        {/each}
      </ul>
    {/if}

    <FlashNeeds {view} />

    <h2>Step by step</h2>
    {#if !flash.ready}<p class="small">The steps open once the settings are saved.</p>{/if}
    <ol class="lines">
      {#each view.steps as step (step.id)}
        <li class:now={flash.ready && flash.next?.id === step.id}>
          <label>
            <input
              type="checkbox"
              disabled={!flash.ready}
              checked={flash.done.includes(step.id)}
              onchange={() => flash.tick(step.id)}
            />
            <span>
              {step.text} <span class="small">If it stops here: {step.stops}</span>
              {#each step.ways as way (way)}<span class="way">{way}</span>{/each}
            </span>
          </label>
        </li>
      {/each}
    </ol>

    <h2>If the FC isn’t detected or the flash fails</h2>
    <ol class="lines remedies">
      {#each view.remedies as remedy, i (remedy.text)}
        <li class:now={i === flash.tried}>
          {remedy.text} <span class="small">{remedy.minutes} min{i < flash.tried ? ', tried' : ''}</span>
          {#if i === flash.tried}
            <button class="plain" type="button" onclick={() => flash.tryNext()}>It did not help</button>
          {/if}
        </li>
      {/each}
    </ol>
    {#if flash.tried === view.remedies.length}
      <p>None of that helped: try another computer, then replace the FC. Don’t fly it like this.</p>
    {/if}
    <p><button class="quiet" type="button" onclick={() => flash.anew()}>Start over</button></p>
  {/if}
</section>

<style>
  .target {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    margin: 0.8rem 0;
  }

  .target .entry {
    width: auto;
  }

  h2 {
    margin-top: 1.4rem;
  }

  .lines > .now {
    border-left-color: var(--act);
    background: var(--card);
  }

  label {
    display: flex;
    gap: 0.7rem;
    align-items: baseline;
    min-height: 44px;
  }

  .way {
    display: block;
    margin: 0.2rem 0 0 1.2rem;
    text-indent: -0.9rem;
  }

  .way::before {
    content: '– ';
  }

  .remedies {
    max-width: 46rem;
  }
</style>
