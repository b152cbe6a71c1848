<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  const pages = new Loading<Schemas['Page'][]>();
  const chapters = [
    { id: 'CAUTIONS', title: 'Cautions' },
    { id: 'FAULTS', title: 'Faults' },
    { id: 'CHECKS', title: 'Checks' },
    { id: 'FORMATS', title: 'Wire formats' },
    { id: 'LAMPS', title: 'LEDs and tones' },
    { id: 'CONVENTIONS', title: 'Conventions' }
  ];

  let text = $state('');
  /** Pages that have every word somewhere. */
  let found = $derived.by(() => {
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    return (pages.value ?? []).filter((page) => {
      const all = [page.title, page.family, ...page.paragraphs].join(' ').toLowerCase();
      return words.every((word) => all.includes(word));
    });
  });

  /** The pages of a chapter, family by family. */
  function families(chapter: string): [string, Schemas['Page'][]][] {
    const byFamily: [string, Schemas['Page'][]][] = [];
    for (const page of found) {
      if (page.chapter === chapter) {
        const known = byFamily.find(([family]) => family === page.family);
        if (known) {
          known[1].push(page);
        } else {
          byFamily.push([page.family, [page]]);
        }
      }
    }
    return byFamily;
  }

  onMount(() => void pages.load(() => ask(api.GET('/api/handbook'))));
</script>

<svelte:head><title>Handbook – Able Medic</title></svelte:head>

<section class="page">
  <h1>Handbook</h1>
  <Notice text={pages.error} />
  <div class="field">
    <label for="search">Search</label>
    <input
      id="search"
      class="entry"
      bind:value={text}
      autocomplete="off"
      placeholder="such as desync, divider, props"
    />
  </div>
  {#if pages.value && found.length === 0}<p>No page matches.</p>{/if}
  <div class="chapters">
    {#each chapters.filter((one) => families(one.id).length > 0) as chapter (chapter.id)}
      <div>
        <h2>{chapter.title}</h2>
        {#each families(chapter.id) as [family, of] (family)}
          {#if families(chapter.id).length > 1}<h3>{family}</h3>{/if}
          <ul>
            {#each of as page (page.id)}
              <li><a href={`/handbook/${page.id}`}>{page.title}</a></li>
            {/each}
          </ul>
        {/each}
      </div>
    {/each}
  </div>
</section>

<style>
  .field {
    max-width: 26rem;
    margin-top: 0.8rem;
  }

  .chapters {
    columns: 2;
    column-gap: 3rem;
    margin-top: 1rem;
  }

  .chapters > div {
    break-inside: avoid;
    margin-bottom: 1.4rem;
  }

  li a {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
  }

  @media (max-width: 700px) {
    .chapters {
      columns: 1;
    }
  }
</style>
