<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import Sheet from '../shared/Sheet.svelte';
  import type { WorkUpState } from './state.svelte';

  /** The technician's own suspicion, or a test that is not in the book. */
  let { work, open, onclose }: { work: WorkUpState; open: boolean; onclose: () => void } = $props();

  type Sort = 'suspicion' | 'for' | 'against';
  let sort = $state<Sort>('suspicion');
  let strong = $state(false);
  let fault = $state('');
  let said = $state('');
  /** A few letters of what is suspected. */
  let text = $state('');

  const faults = new Loading<Schemas['FaultEntry'][]>();

  $effect(() => {
    const craftId = work.view?.craftId;
    if (open && craftId) {
      void faults.load(() => ask(api.GET('/api/faults', { params: { query: { craft: craftId } } })));
    }
  });

  const MOST = 5;
  let found = $derived.by(() => {
    const letters = text.toLowerCase().split(/\s+/).filter(Boolean);
    return (faults.value ?? []).filter((one) =>
      letters.every((part) => one.title.toLowerCase().includes(part))
    );
  });
  let shown = $derived(
    found.toSorted((a, b) => Number(b.id === fault) - Number(a.id === fault)).slice(0, MOST)
  );

  $effect(() => {
    if (open) {
      sort = 'suspicion';
      strong = false;
      fault = work.view?.suspects[0]?.faultId ?? '';
      said = '';
      text = '';
    }
  });

  async function give(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const done =
      fault === ''
        ? await work.note(said)
        : sort === 'suspicion'
          ? await work.suspect(fault, said)
          : await work.ownTest(fault, sort === 'for', strong, said);
    if (done) {
      onclose();
    }
  }
</script>

<Sheet {open} title="Own suspicion or own test" {onclose}>
  <form onsubmit={give}>
    <div class="field">
      <label for="own-fault">About, a few letters of it</label>
      <input
        id="own-fault"
        class="entry"
        bind:value={text}
        autocomplete="off"
        placeholder="such as rear prop"
      />
    </div>
    <fieldset class="found">
      <legend class="sr-only">What it is about</legend>
      {#each shown as one (one.id)}
        <label><input type="radio" name="about" value={one.id} bind:group={fault} /> {one.title}</label>
      {/each}
      <label>
        <input type="radio" name="about" value="" bind:group={fault} /> none of the known faults: in my own words
      </label>
      {#if found.length > MOST}<p class="small">{found.length - MOST} more; type on.</p>{/if}
    </fieldset>
    <fieldset disabled={fault === ''}>
      <legend class="sr-only">What it is</legend>
      <label><input type="radio" name="own" value="suspicion" bind:group={sort} /> I suspect it</label>
      <label
        ><input type="radio" name="own" value="for" bind:group={sort} /> A test of mine speaks for it</label
      >
      <label
        ><input type="radio" name="own" value="against" bind:group={sort} /> A test of mine speaks against it</label
      >
      {#if sort !== 'suspicion'}
        <label><input type="checkbox" bind:checked={strong} /> It hardly leaves a doubt</label>
      {/if}
    </fieldset>
    <div class="field">
      <label for="own-words"
        >{fault === ''
          ? 'What is suspected; it is noted in the log and weighs nothing'
          : sort === 'suspicion'
            ? 'Why (may stay empty)'
            : 'What was done and seen'}</label
      >
      <input id="own-words" class="entry" bind:value={said} maxlength="400" />
    </div>
    <Notice text={work.error || faults.error} />
    <div class="do">
      <button
        class="act"
        disabled={work.busy || ((fault === '' || sort !== 'suspicion') && said.trim() === '')}
      >
        Record
      </button>
      <button class="quiet" type="button" onclick={onclose}>Leave it</button>
    </div>
  </form>
</Sheet>

<style>
  fieldset label {
    display: flex;
    gap: 0.6rem;
    min-height: 44px;
    align-items: center;
  }

  .found {
    max-height: 24rem;
    overflow-y: auto;
  }
</style>
