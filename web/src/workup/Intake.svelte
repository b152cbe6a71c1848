<script lang="ts">
  import ComplaintKinds from './ComplaintKinds.svelte';
  import WhatWasSeen from './WhatWasSeen.svelte';
  import { onMount } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, ask, words, type Schemas } from '../api/client';
  import { navigate } from '../navigation';
  import { AnswerState } from '../shared/answer/answer.svelte';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';
  import SeenBefore from './SeenBefore.svelte';
  import { BeforeState } from './seenBefore.svelte';

  const lists = new Loading<{ choices: Schemas['Choosable']; crafts: Schemas['ListedCraft'][] }>();
  const chart = new Loading<Schemas['Chart']>();
  let craftId = $state(String(searchParams.get('craft') ?? ''));
  const complaints = new Loading<Schemas['ComplaintEntry'][]>();
  const checks = new Loading<Schemas['BeforeEntry'][]>();
  let before = $state(new BeforeState(() => checks.value ?? []));
  let kind = $state(String(searchParams.get('kind') ?? ''));
  let complaint = $state('');
  let occasion = $state<Schemas['Intake']['occasion'] | ''>('');
  let error = $state('');
  let busy = $state(false);

  onMount(() => {
    void lists.load(async () => {
      const [choices, crafts] = await Promise.all([
        ask(api.GET('/api/choices')),
        ask(api.GET('/api/crafts'))
      ]);
      return { choices, crafts };
    });
  });

  $effect(() => {
    const chosen = craftId;
    if (chosen) {
      const params = { path: { craftId: chosen } };
      void chart.load(() => ask(api.GET('/api/crafts/{craftId}', { params })));
      void complaints.load(() => ask(api.GET('/api/crafts/{craftId}/complaints', { params })));
      void checks.load(() => ask(api.GET('/api/crafts/{craftId}/seen-before', { params })));
      before = new BeforeState(() => checks.value ?? []);
    }
  });

  let asked = $derived(complaints.value?.find((c) => c.id === kind));
  /** The question that is answered on the drawing of the craft. */
  let drawn = $derived(
    asked?.place.kind === 'EDGES' ? asked.questions.find((q) => q.id === asked.place.question) : undefined
  );
  let ready = $derived(craftId !== '' && complaint.trim() !== '' && occasion !== '' && asked !== undefined);

  /** Everything that is answered by itself. */
  let listed = $derived({ questions: (asked?.questions ?? []).filter((one) => one !== drawn) });
  const answer: AnswerState = new AnswerState(() => listed);

  async function start(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (!ready || busy || occasion === '') {
      return;
    }
    busy = true;
    error = '';
    try {
      const opened = await ask(
        api.POST('/api/work-ups', {
          body: {
            craftId,
            kind,
            complaint,
            occasion,
            seen: { ...answer.picks },
            numbers: answer.numbers(),
            before: before.answers()
          }
        })
      );
      navigate('/work-ups/:id', { params: { id: String(opened.id) } });
    } catch (thrown) {
      error = words(thrown);
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>New work-up – Able Medic</title></svelte:head>

<section class="page">
  <h1>New work-up</h1>
  <Notice text={lists.error || chart.error} />
  {#if lists.value && lists.value.crafts.length === 0}
    <p>There is no craft yet. <a class="act" href="/new-craft">Enter the first craft</a></p>
  {:else if lists.value}
    <form onsubmit={start}>
      <div class="grid">
        <div class="field">
          <label for="craft">Craft</label>
          <!-- svelte-ignore a11y_autofocus -->
          <select id="craft" class="entry" bind:value={craftId} autofocus>
            <option value="" disabled>Choose…</option>
            {#each lists.value.crafts as craft (craft.craftId)}
              <option value={craft.craftId}>{craft.craftId} – {craft.name}</option>
            {/each}
          </select>
        </div>
        <div class="field">
          <label for="occasion">Since it last flew right</label>
          <select id="occasion" class="entry" bind:value={occasion}>
            <option value="" disabled>Choose…</option>
            {#each lists.value.choices.occasions as one (one.id)}<option value={one.id}>{one.label}</option
              >{/each}
          </select>
        </div>
      </div>
      <div class="field">
        <label for="complaint">Complaint, in the owner's words</label>
        <input id="complaint" class="entry" bind:value={complaint} maxlength="400" />
      </div>

      {#if complaints.value}
        <ComplaintKinds
          complaints={complaints.value}
          {kind}
          {craftId}
          onchoose={(one) => {
            kind = one;
            answer.clear();
          }}
        />
      {/if}

      {#if asked}
        <WhatWasSeen {answer} {listed} {drawn} drawing={chart.value?.drawing} />
      {/if}

      {#if asked}<SeenBefore {before} />{/if}

      <Notice text={error} />
      <div class="do">
        <button class="act" disabled={!ready || busy}>Start the work-up</button>
        {#if !ready}<span class="small"
            >Craft, what happened, the complaint and what it is about are needed.</span
          >{/if}
      </div>
    </form>
  {/if}
</section>

<style>
  form {
    display: grid;
    gap: 1.2rem;
    margin-top: 1rem;
  }

  .grid {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1.2rem;
  }

  .do {
    display: flex;
    align-items: center;
    gap: 1rem;
  }

  @media (max-width: 700px) {
    .grid {
      grid-template-columns: 1fr;
    }
  }
</style>
