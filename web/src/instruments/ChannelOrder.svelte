<script lang="ts">
  import { onMount } from 'svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Sticks from '../shared/Sticks.svelte';
  import { percent } from '../shared/words';
  import { OpenedFor } from './craft.svelte';
  import Paper from './Paper.svelte';

  type Stick = Schemas['BarMoved']['stick'];
  const STICKS: { id: Stick; label: string; way: string }[] = [
    { id: 'ROLL', label: 'roll', way: 'right' },
    { id: 'PITCH', label: 'pitch', way: 'forward' },
    { id: 'THROTTLE', label: 'throttle', way: 'up' },
    { id: 'YAW', label: 'yaw', way: 'right' }
  ];

  const opened = new OpenedFor();
  const solved = new Loading<Schemas['OrderAnswer']>();
  let board = $state('AETR');
  let pushed = $state<Stick>('ROLL');
  let seen = $state<Schemas['BarMoved'][]>([]);
  let stick = $derived(STICKS.find((one) => one.id === pushed)!);

  onMount(async () => {
    await opened.load();
    board = opened.told('stick-order') ?? board;
  });

  $effect(() => {
    const body = { board: board.trim().toUpperCase(), seen: [...seen] };
    void solved.load(() => ask(api.POST('/api/instruments/channel-order', { body })));
  });

  const said = (id: Stick | undefined): string => STICKS.find((one) => one.id === id)?.label ?? 'none';

  function moved(bar: Stick | undefined, up: boolean): void {
    seen = [...seen, { stick: pushed, ...(bar ? { bar } : {}), up }];
    const open = STICKS.find((one) => !seen.some((other) => other.stick === one.id));
    pushed = solved.value?.next && solved.value.next !== pushed ? solved.value.next : (open?.id ?? pushed);
  }
</script>

<Paper
  title={`Channel order${opened.craftId ? ` of ${opened.craftId}` : ''}`}
  text="USB plugged in, radio on. Push one stick, all the way, as drawn; press the channel bar that moved."
  error={solved.error}
>
  {#snippet asked()}
    <div class="field">
      <label for="board">Channel order set on the FC</label>
      <input id="board" class="entry reading" bind:value={board} maxlength="4" autocomplete="off" />
    </div>
    <div class="sticks" role="group" aria-label="The stick that is pushed">
      {#each STICKS as one (one.id)}
        <button type="button" aria-pressed={pushed === one.id} onclick={() => (pushed = one.id)}
          >{one.label}</button
        >
      {/each}
    </div>
    <Sticks name={stick.label} toward={stick.way} />
    <div class="bars" role="group" aria-label={`The bar that moves with ${stick.label}, ${stick.way}`}>
      {#each STICKS as bar (bar.id)}
        <div class="bar">
          <button type="button" aria-label={`${bar.label} goes up`} onclick={() => moved(bar.id, true)}
            >▲</button
          >
          <span>{bar.label}</span>
          <button type="button" aria-label={`${bar.label} goes down`} onclick={() => moved(bar.id, false)}
            >▼</button
          >
        </div>
      {/each}
    </div>
    <button class="quiet" type="button" onclick={() => moved(undefined, true)}>No bar moves</button>
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const now = solved.value}
      {#if seen.length === 0}
        <p>Nothing seen yet. Three sticks are enough.</p>
      {:else if now.orders.length === 1}
        <p class="big">The radio sends <span class="reading">{now.orders[0]}</span></p>
        <p class="small">{percent(now.sure)} sure.</p>
        {#if now.orders[0] === board.trim().toUpperCase()}
          <p>The FC is set to the same order: right.</p>
        {:else}
          <p>
            <strong>Set the FC to {now.orders[0]}</strong>, or set the radio to {board.trim().toUpperCase()}.
          </p>
          <details>
            <summary>A receiver with a wire for each channel</summary>
            <p class="small">Swapped wires give a swapped order. Battery out, then move:</p>
            <ul>
              {#each now.wires.filter((one) => one.row !== one.now) as one (one.channel)}
                <li>
                  channel {one.channel}: from the row of {one.now} to the row of <strong>{one.row}</strong>
                </li>
              {/each}
            </ul>
          </details>
        {/if}
      {:else}
        <p class="big">{now.orders.length} orders fit</p>
        {#if now.next}<p>Next: push {said(now.next)}.</p>{/if}
      {/if}
      {#if now.reversed.length > 0}
        <p><strong>Reverse at the radio: {now.reversed.join(', ')}.</strong></p>
      {/if}
      {#each now.against as one, i (i)}<p class="against">Does not fit: {one}. Push it once more.</p>{/each}
      <ol>
        {#each seen as one, i (i)}
          <li>
            {said(one.stick)} → {one.bar ? `${said(one.bar)}, ${one.up ? 'up' : 'down'}` : 'no bar'}
            <button class="plain" type="button" onclick={() => (seen = seen.filter((_, at) => at !== i))}
              >undo</button
            >
          </li>
        {/each}
      </ol>
    {/if}
  {/snippet}
</Paper>

<style>
  .sticks,
  .bars {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 0.5rem;
  }

  .sticks button,
  .bar button {
    min-height: 44px;
    border: 1px solid var(--rule);
    background: var(--paper);
    border-radius: 3px;
  }

  .sticks button[aria-pressed='true'] {
    background: var(--act-tint);
    border-color: var(--act);
    box-shadow: inset 0 -4px 0 var(--act);
    font-weight: 700;
  }

  .bar {
    display: grid;
    gap: 0.2rem;
    text-align: center;
  }

  .bar button {
    min-height: 60px;
    background: var(--card);
  }

  .big {
    font-size: 1.3rem;
  }

  .against {
    border-left: 4px solid var(--doubt-fill);
    padding-left: 0.8rem;
  }
</style>
