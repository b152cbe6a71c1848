<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { onMount } from 'svelte';
  import { api, ask, Problem, words, type Schemas } from '../api/client';
  import { searchParams } from 'sv-router';
  import { navigate } from '../navigation';
  import { Loading } from '../shared/loading.svelte';
  import Notice from '../shared/Notice.svelte';

  type New = Schemas['NewCraft'];
  const choices = new Loading<Schemas['Choosable']>();
  const crafts = new Loading<Schemas['ListedCraft'][]>();
  let mark = $state('');
  let name = $state('');
  let builder = $state('');
  let craftClass = $state<NonNullable<New['craftClass']>>('INCH_5');
  let spins = $state<NonNullable<New['spins']>>('INWARD');
  let numbering = $state<NonNullable<New['numbering']>>('REAR_RIGHT_FIRST');
  let mode = $state<NonNullable<New['mode']>>('LEVEL');
  let yaw = $state(0);
  let faceDown = $state(false);
  let like = $state(String(searchParams.get('like') ?? ''));
  let layout = $state<NonNullable<New['layout']> | ''>('STACK');
  let cells = $state(4);
  let chemistry = $state<Schemas['BatteryOnSheet']['chemistry']>('LIPO');
  let capacityMah = $state(1500);
  let board = $state('');
  let parts = $state<string[]>(['receiver', 'camera', 'video', 'capacitor-470']);
  let error = $state('');
  let wrong = $state<string[]>([]);
  let busy = $state(false);

  onMount(() => {
    void choices.load(() => ask(api.GET('/api/choices')));
    void crafts.load(() => ask(api.GET('/api/crafts')));
  });

  const arrows = [
    { yaw: 0, label: 'forward' },
    { yaw: 90, label: 'right' },
    { yaw: 180, label: 'back' },
    { yaw: 270, label: 'left' }
  ];

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    busy = true;
    error = '';
    wrong = [];
    try {
      const chart = await ask(
        api.POST('/api/crafts', {
          body: like
            ? { mark, name, builder, like }
            : {
                mark,
                name,
                builder,
                layout: layout || undefined,
                parts: layout ? (board ? [board, ...parts] : parts) : undefined,
                battery: layout
                  ? { cells, chemistry, capacityMah, cellMilliohms: 6000 / capacityMah }
                  : undefined,
                craftClass,
                spins,
                numbering,
                mode,
                mounted: { rollDeg: faceDown ? 180 : 0, pitchDeg: 0, yawDeg: yaw }
              }
        })
      );
      navigate('/crafts/:mark', { params: { mark: chart.mark } });
    } catch (thrown) {
      error = words(thrown);
      wrong = thrown instanceof Problem ? thrown.errors.map((e) => e.where) : [];
    } finally {
      busy = false;
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
        <label for="mark">Craft ID</label>
        <!-- svelte-ignore a11y_autofocus -->
        <input
          id="mark"
          class="entry"
          bind:value={mark}
          maxlength="24"
          aria-invalid={wrong.includes('mark')}
          autofocus
        />
        <span class="small">The name or number written on the craft, such as KITE or 7A.</span>
      </div>
      <div class="field">
        <label for="name">What it is for</label>
        <input id="name" class="entry" bind:value={name} maxlength="80" />
      </div>
      <div class="field">
        <label for="builder">Built by</label>
        <input id="builder" class="entry" bind:value={builder} maxlength="80" />
        <span class="small">A workshop, its owner, or “ready-built”.</span>
      </div>
      {#if (crafts.value ?? []).length > 0}
        <div class="field">
          <label for="like">Built like</label>
          <select id="like" class="entry" bind:value={like}>
            <option value="">none of those on the bench</option>
            {#each crafts.value ?? [] as craft (craft.mark)}<option value={craft.mark}
                >{craft.mark} – {craft.name}</option
              >{/each}
          </select>
          {#if like}<span class="small">Copies the whole sheet; change what differs afterwards.</span>{/if}
        </div>
      {/if}
      {#if !like}
        <div class="field">
          <label for="class">Class</label>
          <select id="class" class="entry" bind:value={craftClass}>
            {#each c.classes as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
          </select>
        </div>
        <div class="field">
          <label for="spins">Props, seen from above</label>
          <select id="spins" class="entry" bind:value={spins}>
            {#each c.spins as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
          </select>
        </div>
        <div class="field">
          <label for="numbering">Motors are numbered</label>
          <select id="numbering" class="entry" bind:value={numbering}>
            {#each c.numberings as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
          </select>
        </div>
        <div class="field">
          <label for="arrow">The arrow on the FC points</label>
          <select id="arrow" class="entry" bind:value={yaw}>
            {#each arrows as one (one.yaw)}<option value={one.yaw}>{one.label}</option>{/each}
          </select>
          <label class="inline"
            ><input type="checkbox" bind:checked={faceDown} /> the FC is mounted face down</label
          >
        </div>
        <div class="field">
          <label for="mode">It takes off in</label>
          <select id="mode" class="entry" bind:value={mode}>
            {#each c.modes as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
          </select>
        </div>
        <div class="field">
          <label for="layout">It is wired as</label>
          <select id="layout" class="entry" bind:value={layout} onchange={() => (board = '')}>
            {#each c.layouts as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
            <option value="">to be entered later</option>
          </select>
        </div>
        {#if layout}
          <div class="field">
            <label for="board">Flight controller</label>
            <select id="board" class="entry" bind:value={board}>
              <option value="">the usual FC of that layout, UARTs not entered</option>
              {#each c.boards.filter((one) => one.layouts.includes(layout as 'STACK')) as one (one.id)}
                <option value={one.id}>{one.label}</option>
              {/each}
            </select>
            <span class="small">Its UARTs are set from the wiring.</span>
          </div>
          <fieldset class="field">
            <legend>Battery</legend>
            <div class="pack">
              <NumberEntry
                whole
                class="entry"
                min={1}
                max={14}
                bind:value={cells}
                aria-label="Cells of the battery"
              />
              <span>cells</span>
              <NumberEntry
                unit="mAh"
                class="entry"
                min={50}
                max={100000}
                bind:value={capacityMah}
                aria-label="Capacity of the battery in mAh"
              />
              <span>mAh</span>
            </div>
            <select class="entry" bind:value={chemistry} aria-label="Chemistry of the battery">
              {#each c.chemistries as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
            </select>
          </fieldset>
          <fieldset class="field whole">
            <legend>Parts fitted besides</legend>
            <div class="parts">
              {#each c.parts as one (one.id)}
                <label class="inline"
                  ><input type="checkbox" value={one.id} bind:group={parts} /> {one.label}</label
                >
              {/each}
            </div>
            <span class="small">Their wires go to the first pads that fit; you can move them later.</span>
          </fieldset>
        {/if}
      {/if}
      <div class="end">
        <Notice text={error} />
        <button class="act" disabled={busy || mark.trim() === ''}>Enter it</button>
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

  .inline {
    display: flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
    font-weight: 400 !important;
  }

  .whole {
    grid-column: 1 / -1;
  }

  .pack {
    display: grid;
    grid-template-columns: 1fr auto 1.4fr auto;
    gap: 0.5rem;
    align-items: center;
  }

  .parts {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  }

  legend {
    font-weight: 700;
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
