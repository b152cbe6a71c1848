<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  const families = new Loading<Schemas['Family'][]>();
  onMount(() => void families.load(() => ask(api.GET('/api/instruments'))));
</script>

<svelte:head><title>Instruments – Able Medic</title></svelte:head>

<section class="page">
  <h1>Instruments</h1>
  <p class="small">Each computation alone. Opened from a chart, they know the craft.</p>
  <Notice text={families.error} />
  <div class="groups">
    {#each families.value ?? [] as family (family.title)}
      <div>
        <h2>{family.title}</h2>
        <ul>
          {#each family.instruments as one (one.id)}
            <li>
              <h3><a href={`/instruments/${one.id}`}>{one.title}</a></h3>
              <p>{one.text}</p>
            </li>
          {/each}
        </ul>
      </div>
    {/each}
  </div>
</section>

<style>
  .groups {
    columns: 2;
    column-gap: 2.5rem;
    margin-top: 1rem;
  }

  .groups > div {
    margin-bottom: 1.6rem;
  }

  h2 {
    break-after: avoid;
  }

  li {
    break-inside: avoid;
    border-bottom: 1px solid var(--rule);
    padding: 0.7rem 0;
  }

  h3 a {
    display: inline-flex;
    min-height: 30px;
    align-items: center;
  }

  @media (max-width: 700px) {
    .groups {
      columns: 1;
    }
  }
</style>
