<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { searchParams } from 'sv-router';
  import { navigate, route } from '../navigation';
  import Notice from '../shared/Notice.svelte';
  import { sentence } from '../shared/words';
  import { ConfigurationState } from './configuration.svelte';

  let craftId = $derived(String(route.params.craftId ?? ''));
  let work = $derived(new ConfigurationState(craftId));
  let adding = $state('');
  let reason = $state('');

  $effect(() => {
    const current = work;
    const sought = String(searchParams.get('setting') ?? '');
    untrack(() => void current.load().then(() => (sought ? point(sought) : undefined)));
  });

  /** Names the setting that somebody came for, and puts the focus into it. */
  async function point(setting: string): Promise<void> {
    work.name(setting);
    await tick();
    document.getElementById(setting)?.focus();
  }

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await work.keep(reason)) {
      navigate('/crafts/:craftId', { params: { craftId } });
    }
  }
</script>

<svelte:head><title>Configuration of {craftId} – Able Medic</title></svelte:head>

<section class="page">
  <h1>Configuration of <a href={`/crafts/${encodeURIComponent(craftId)}`}>{craftId}</a></h1>
  <p class="small">
    Only settings that differ from the usual are listed. Enter what is right for this craft: a work-up looks
    for what differs from it.
  </p>
  <Notice text={work.error} />
  {#if work.chart}
    <form onsubmit={keep}>
      {#if work.named.length === 0}<p>All is as usual.</p>{/if}
      <ul>
        {#each work.named as setting (setting.id)}
          <li>
            <label for={setting.id}>
              {sentence(setting.label)}
              <span class="small">{setting.device}, {setting.group}</span>
            </label>
            {#if setting.values.length > 0}
              <select id={setting.id} class="entry" bind:value={work.values[setting.id]}>
                {#each setting.values as one (one.written)}
                  <option value={one.written}>{one.said}</option>
                {/each}
              </select>
            {:else}
              <input
                id={setting.id}
                class="entry"
                bind:value={work.values[setting.id]}
                maxlength="200"
                autocomplete="off"
                title={sentence(setting.expected)}
              />
            {/if}
            <span class="small expected">{setting.values.length > 0 ? 'one of these' : setting.expected}</span
            >
            <button
              type="button"
              class="plain"
              aria-label={`${setting.label} as usual`}
              onclick={() => work.asUsual(setting.id)}>as usual</button
            >
          </li>
        {/each}
      </ul>
      <div class="add">
        <select class="entry" bind:value={adding} aria-label="Another setting">
          <option value="">another setting…</option>
          {#each work.rest as one (one.id)}
            <option value={one.id}>{one.device}: {one.label}</option>
          {/each}
        </select>
        <button
          type="button"
          class="quiet"
          disabled={adding === ''}
          onclick={() => {
            work.name(adding);
            adding = '';
          }}>Add setting</button
        >
      </div>
      {#if work.changed.length > 0}
        <div class="field why">
          <label for="reason">Why it is changed: {work.changed.map((one) => one.label).join(', ')}</label>
          <input id="reason" class="entry" bind:value={reason} maxlength="400" />
        </div>
      {/if}
      <p>
        <button class="act" disabled={work.busy || work.changed.length === 0 || reason.trim() === ''}
          >Save to the sheet</button
        >
      </p>
    </form>
  {/if}
</section>

<style>
  form {
    display: grid;
    gap: 1rem;
    margin-top: 0.8rem;
  }

  li {
    display: grid;
    grid-template-columns: minmax(11rem, 1fr) minmax(12rem, 1.2fr) minmax(0, 1.4fr) auto;
    gap: 0.4rem 1rem;
    padding: 0.4rem 0;
    align-items: center;
    border-bottom: 1px solid var(--rule);
  }

  label .small {
    display: block;
  }

  .add {
    display: grid;
    grid-template-columns: minmax(14rem, 26rem) auto;
    gap: 0.8rem;
    justify-content: start;
  }

  .why {
    max-width: 34rem;
  }

  @media (max-width: 860px) {
    li {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
