<script lang="ts">
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { route } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  const page = new Loading<Schemas['Page']>();
  let id = $derived(String(route.params.id ?? ''));
  $effect(() => {
    const current = id;
    untrack(
      () => void page.load(() => ask(api.GET('/api/handbook/{id}', { params: { path: { id: current } } })))
    );
  });
</script>

<svelte:head><title>{page.value?.title ?? 'Handbook'} – Able Medic</title></svelte:head>

<section class="page">
  <p><a href="/handbook">Handbook</a></p>
  <Notice text={page.error} />
  {#if page.value}
    <h1>{page.value.title}</h1>
    {#each page.value.paragraphs as paragraph, i (i)}<p class="text">{paragraph}</p>{/each}
    <p class="small">
      Common practice of the trade unless a source is named. Local law and licensed practice come first.
    </p>
  {/if}
</section>

<style>
  .text {
    max-width: 40rem;
    margin: 0.8rem 0;
  }

  .small {
    margin-top: 2rem;
  }
</style>
