<script lang="ts">
  import { api, ask } from '../api/client';
  import { navigate } from '../navigation';
  import { Loading } from './loading.svelte';
  import Sheet from './Sheet.svelte';

  let { open, onclose }: { open: boolean; onclose: () => void } = $props();

  interface Found {
    label: string;
    sort: string;
    go: () => void;
  }

  let text = $state('');
  let at = $state(0);
  const all = new Loading<Found[]>();

  $effect(() => {
    if (open) {
      text = '';
      at = 0;
      void all.load(everything);
    }
  });

  async function everything(): Promise<Found[]> {
    const [batteries, crafts, workUps, pages] = await Promise.all([
      ask(api.GET('/api/batteries')),
      ask(api.GET('/api/crafts')),
      ask(api.GET('/api/work-ups')),
      ask(api.GET('/api/handbook'))
    ]);
    return [
      ...crafts.map((c) => ({
        label: `${c.craftId}, ${c.name}`,
        sort: 'chart',
        go: () => navigate('/crafts/:craftId', { params: { craftId: c.craftId } })
      })),
      ...batteries.map((p) => ({
        label: `Battery ${p.label}, ${p.kind.cells} cells, ${Math.round(p.kind.capacityMah)} mAh`,
        sort: 'battery',
        go: () => navigate('/batteries/:label', { params: { label: p.label } })
      })),
      ...workUps.map((w) => ({
        label: `${w.craftId}: ${w.complaint}`,
        sort: w.open ? 'open work-up' : 'closed work-up',
        go: () => navigate('/work-ups/:id', { params: { id: String(w.id) } })
      })),
      ...pages.map((page) => ({
        label: page.title,
        sort: 'handbook',
        go: () => navigate('/handbook/:id', { params: { id: page.id } })
      }))
    ];
  }

  let found = $derived(
    (all.value ?? [])
      .filter((f) =>
        text
          .toLowerCase()
          .split(/\s+/)
          .every((word) => `${f.label} ${f.sort}`.toLowerCase().includes(word))
      )
      .slice(0, 9)
  );

  function take(one: Found | undefined): void {
    if (one) {
      onclose();
      one.go();
    }
  }

  function onkeydown(event: KeyboardEvent): void {
    if (event.key === 'ArrowDown') {
      at = Math.min(found.length - 1, at + 1);
    } else if (event.key === 'ArrowUp') {
      at = Math.max(0, at - 1);
    } else if (event.key === 'Enter') {
      take(found[at]);
    } else {
      return;
    }
    event.preventDefault();
  }
</script>

<Sheet {open} title="Find" {onclose}>
  <div class="field">
    <label for="finder">Craft, battery, work-up or handbook page</label>
    <input
      id="finder"
      class="entry"
      bind:value={text}
      oninput={() => (at = 0)}
      {onkeydown}
      autocomplete="off"
    />
  </div>
  <ul>
    {#each found as one, i (one.sort + one.label)}
      <li>
        <button class:at={i === at} onclick={() => take(one)}>
          <span>{one.label}</span> <span class="small">{one.sort}</span>
        </button>
      </li>
    {:else}
      <li class="small">Nothing of that name.</li>
    {/each}
  </ul>
</Sheet>

<style>
  ul {
    margin-top: 0.6rem;
  }

  button {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    width: 100%;
    min-height: 44px;
    align-items: center;
    padding: 0 0.6rem;
    background: none;
    border: none;
    text-align: left;
  }

  button.at {
    background: var(--act-tint);
  }
</style>
