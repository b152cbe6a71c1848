<script lang="ts">
  import NewCraftBuild from './NewCraftBuild.svelte';
  import NewCraftWiring from './NewCraftWiring.svelte';
  import { NewCraftState } from './newCraft.svelte';
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { navigate } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  const choices = new Loading<Schemas['Choosable']>();
  const crafts = new Loading<Schemas['ListedCraft'][]>();
  const craft = new NewCraftState();

  onMount(() => {
    void choices.load(() => ask(api.GET('/api/choices')));
    void crafts.load(() => ask(api.GET('/api/crafts')));
  });

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const craftId = await craft.enter();
    if (craftId !== undefined) {
      navigate('/crafts/:craftId', { params: { craftId } });
    }
  }
</script>

<svelte:head><title>Enter a craft – Able Medic</title></svelte:head>

<section class="page">
  <h1>Enter a craft</h1>
  <p class="small">Takes a minute: the class gives sizes and weights; the rest is how it is set up.</p>
  <Notice text={choices.error} />
  {#if choices.value}
    {@const c = choices.value}
    <form onsubmit={enter}>
      <div class="field">
        <label for="craftId">Craft ID</label>
        <!-- svelte-ignore a11y_autofocus -->
        <input
          id="craftId"
          class="entry"
          bind:value={craft.craftId}
          maxlength="24"
          aria-invalid={craft.wrong.some((one) => one.where === 'craftId')}
          autofocus
        />
        <span class="small">The name or number written on the craft, such as KITE or 7A.</span>
      </div>
      <div class="field">
        <label for="name">What it is for</label>
        <input id="name" class="entry" bind:value={craft.name} maxlength="80" />
      </div>
      <div class="field">
        <label for="builder">Built by</label>
        <input id="builder" class="entry" bind:value={craft.builder} maxlength="80" />
        <span class="small">A workshop, its owner, or “ready-built”.</span>
      </div>
      {#if (crafts.value ?? []).length > 0}
        <div class="field">
          <label for="like">Duplicate of</label>
          <select id="like" class="entry" bind:value={craft.like}>
            <option value="">none of those on the bench</option>
            {#each crafts.value ?? [] as one (one.craftId)}<option value={one.craftId}
                >{one.craftId} – {one.name}</option
              >{/each}
          </select>
          {#if craft.like}<span class="small">Copies the whole sheet; change what differs afterwards.</span
            >{/if}
        </div>
      {/if}
      {#if !craft.like}
        <NewCraftBuild {craft} choices={c} />
        <NewCraftWiring {craft} choices={c} />
      {/if}
      <div class="end">
        <Notice text={craft.error} />
        <button class="act" disabled={craft.busy || craft.craftId.trim() === ''}>Save craft</button>
      </div>
    </form>
  {/if}
</section>

<style>
  form {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1.1rem 2rem;
    max-width: 46rem;
    margin-top: 1rem;
    align-items: start;
  }

  .end {
    grid-column: 1 / -1;
  }

  @media (max-width: 700px) {
    form {
      grid-template-columns: 1fr;
    }
  }
</style>
