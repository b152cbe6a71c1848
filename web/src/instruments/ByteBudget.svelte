<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['LineBudget']>();
  let messages = $state([
    { name: 'heartbeat', rateHz: 1, payload: 9, overhead: 12 },
    { name: 'attitude', rateHz: 10, payload: 28, overhead: 12 },
    { name: 'position', rateHz: 5, payload: 30, overhead: 12 },
    { name: 'battery', rateHz: 2, payload: 36, overhead: 12 }
  ]);
  let hops = $state([
    { name: 'FC to air modem', baud: 57600 },
    { name: 'air', baud: 9600 },
    { name: 'ground modem to tablet', baud: 57600 }
  ]);

  $effect(() => {
    const number = (value: number | null): number => value ?? 0;
    const body = {
      messages: messages.map((m) => ({
        ...m,
        rateHz: number(m.rateHz),
        payload: Math.round(number(m.payload)),
        overhead: Math.round(number(m.overhead))
      })),
      hops: hops.map((h) => ({ ...h, baud: number(h.baud) }))
    };
    void solved.load(() => ask(api.POST('/api/instruments/byte-budget', { body })));
  });
</script>

<Paper
  title="Byte budget"
  text="Every message against every hop of the way. Seven tenths of a line are used; the rest is for bursts and repeats."
  error={solved.error}
>
  {#snippet asked()}
    <h2>Messages</h2>
    <p class="small">Each message with its rate per second, its payload and its overhead.</p>
    <ul>
      {#each messages as one, i (i)}
        <li>
          <input class="entry" aria-label="What" bind:value={one.name} maxlength="40" />
          <NumberEntry
            unit="Hz"
            class="entry figure"
            aria-label={`${one.name}: a second`}
            bind:value={one.rateHz}
          />
          <NumberEntry
            whole
            class="entry figure"
            aria-label={`${one.name}: bytes`}
            bind:value={one.payload}
          />
          <NumberEntry
            whole
            class="entry figure"
            aria-label={`${one.name}: bytes around`}
            bind:value={one.overhead}
          />
          <button
            class="plain"
            type="button"
            aria-label={`Leave out ${one.name}`}
            onclick={() => messages.splice(i, 1)}>×</button
          >
        </li>
      {/each}
    </ul>
    <button
      class="plain"
      type="button"
      disabled={messages.length >= 40}
      onclick={() => messages.push({ name: 'message', rateHz: 1, payload: 20, overhead: 12 })}
      >+ message</button
    >
    <h2>Hops</h2>
    <ul>
      {#each hops as one, i (i)}
        <li class="hop">
          <input class="entry" aria-label="Hop" bind:value={one.name} maxlength="40" />
          <NumberEntry
            unit="baud"
            whole
            class="entry figure"
            aria-label={`${one.name}: baud`}
            bind:value={one.baud}
          />
          <button
            class="plain"
            type="button"
            aria-label={`Leave out ${one.name}`}
            onclick={() => hops.splice(i, 1)}>×</button
          >
        </li>
      {/each}
    </ul>
    <button
      class="plain"
      type="button"
      disabled={hops.length >= 12}
      onclick={() => hops.push({ name: 'hop', baud: 57600 })}>+ hop</button
    >
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const a = solved.value}
      <p><span class="reading">{a.bytesPerS.toFixed(0)}</span> bytes a second</p>
      {#each a.hops as hop, i (i)}
        <div class="way">
          <p>
            {hop.name}, <span class="figure">{hop.baud.toFixed(0)} baud</span>:
            {#if hop.fits}<span class="figure">{(100 * hop.share).toFixed(0)} %</span> taken{:else}<strong
                class="over-word"
                >{(100 * hop.share).toFixed(0)} % – too much, {hop.mayBytesPerS.toFixed(0)} bytes a second at most</strong
              >{/if}
          </p>
          <p class="bar" aria-hidden="true">
            <span class:full={!hop.fits} style:width={`${Math.min(100, 100 * hop.share)}%`}></span>
            <i></i>
          </p>
        </div>
      {/each}
      {#if a.divideBy > 1}
        <p class="caution">
          Divide all rates by <span class="figure">{a.divideBy.toFixed(1)}</span>, or give the slowest hop at
          least
          <span class="figure">{a.leastBaud} baud</span>.
        </p>
      {/if}
    {/if}
  {/snippet}
</Paper>

<style>
  li {
    display: grid;
    grid-template-columns: 1fr 1fr 1fr 2.5rem;
    gap: 0.35rem;
    align-items: center;
    padding: 0.15rem 0;
  }

  li > :first-child {
    grid-column: 1 / -1;
  }

  li.hop > :first-child {
    grid-column: auto;
  }

  li.hop {
    grid-template-columns: 1.4fr 1fr 2.5rem;
  }

  li input {
    min-width: 0;
    width: 100%;
  }

  .way {
    border-bottom: 1px solid var(--rule);
    padding: 0.4rem 0;
  }

  .bar {
    position: relative;
    height: 12px;
    border: 1px solid var(--soft);
  }

  .bar span {
    display: block;
    height: 100%;
    background: var(--act);
  }

  .bar .full {
    background: var(--danger);
  }

  .bar i {
    position: absolute;
    left: 70%;
    top: -4px;
    bottom: -4px;
    border-left: 2px dashed var(--ink);
  }

  .over-word {
    color: var(--danger);
  }
</style>
