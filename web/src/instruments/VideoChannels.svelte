<script lang="ts">
  import { onMount } from 'svelte';
  import Paper from './Paper.svelte';
  import { VideoChannels } from './videoChannels.svelte';

  const work = new VideoChannels();
  onMount(() => work.start());
  $effect(() => work.solve());
</script>

<Paper
  title="Channel and frequency"
  text="Pilots interfere with each other when their channels are too close, and through mixing products of two VTXs: twice one frequency minus the other."
  error={work.solved.error || work.table.error}
>
  {#snippet asked()}
    {#each work.pilots.keys() as i (i)}
      <div class="pilot">
        <label for={`pilot-${i}`}>Pilot {i + 1}</label>
        <select id={`pilot-${i}`} class="entry" bind:value={work.pilots[i]}>
          {#each work.table.value ?? [] as band (band.name)}
            <optgroup label={`Band ${band.name}`}>
              {#each band.channels as one (one.name)}
                <option value={one.name}>{one.name} · {one.megahertz} MHz</option>
              {/each}
            </optgroup>
          {/each}
        </select>
        <button
          class="quiet"
          aria-label={`remove pilot ${i + 1}`}
          disabled={work.pilots.length === 1}
          onclick={() => work.remove(i)}>Remove</button
        >
      </div>
    {/each}
    <div class="acts">
      <button class="quiet" disabled={work.full} onclick={() => work.add()}>Add pilot</button>
    </div>
    <fieldset>
      <legend>Find better channels in these bands</legend>
      {#each work.table.value ?? [] as band (band.name)}
        <label class="one"
          ><input
            type="checkbox"
            checked={work.bands.includes(band.name)}
            onchange={() => work.toggle(band.name)}
          />
          {band.name}</label
        >
      {/each}
      <label class="one"
        ><input type="checkbox" bind:checked={work.free} /> only channels that are free to use in most places</label
      >
    </fieldset>
  {/snippet}
  {#snippet answer()}
    {#if work.solved.value && !work.solved.error}
      {@const now = work.solved.value}
      {@const quiet = now.pilots.every((pilot) => pilot.disturbed.length === 0)}
      <p class="big" class:bad={!quiet}>
        {quiet ? 'No interference.' : 'They interfere with each other.'}
      </p>
      <div class="axis" role="img" aria-label="Channels of all pilots, and the products of two of them">
        <div
          class="free"
          style:left={`${work.at(now.freeFromMhz)}%`}
          style:width={`${work.at(now.freeToMhz) - work.at(now.freeFromMhz)}%`}
        ></div>
        {#each now.products as product, i (i)}
          <div class="product" style:left={`${work.at(product.onMhz)}%`}></div>
        {/each}
        {#each now.pilots as pilot, i (i)}
          <div
            class="sends"
            class:bad={pilot.disturbed.length > 0}
            style:left={`${work.at(pilot.megahertz)}%`}
            style:top={`${(i % 3) * 1.7}rem`}
          >
            <b>{pilot.channel}</b>
          </div>
        {/each}
      </div>
      <p class="small">
        Shaded: {now.freeFromMhz} to {now.freeToMhz} MHz, free to use in most places; local law and your licence
        decide. Dashed: mixing products of two VTXs.
      </p>
      <ul>
        {#each now.pilots as pilot, i (i)}
          <li>
            <b>Pilot {i + 1}, {pilot.channel}</b>
            <span class="figure">{pilot.megahertz} MHz</span>
            {#if pilot.alias}<span class="small">also {pilot.alias}</span>{/if}
            {#if !pilot.free}<span class="small">outside the shaded part</span>{/if}
            {#each pilot.disturbed as one, n (n)}<br /><span class="against">{one}</span>{/each}
          </li>
        {/each}
      </ul>
      {#if now.best.length === 0}
        <p>The chosen bands don’t have that many channels.</p>
      {:else if now.best.join() === now.pilots
          .map((pilot) => pilot.channel)
          .sort()
          .join() || now.best.join() === now.pilots.map((pilot) => pilot.channel).join()}
        <p>No choice from these bands is farther apart.</p>
      {:else}
        <p>
          Farthest apart in these bands: <b>{now.best.join(', ')}</b>{now.calm
            ? ', without interference.'
            : '; some interference remains even there.'}
        </p>
        <div class="acts"><button class="act" onclick={() => work.takeBest()}>Use these</button></div>
      {/if}
    {/if}
  {/snippet}
</Paper>

<style>
  .pilot {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.1rem 0.6rem;
  }

  .pilot label {
    grid-column: 1 / -1;
    font-weight: 700;
  }

  fieldset {
    border-top: 1px solid var(--rule);
    padding-top: 0.6rem;
  }

  .one {
    display: inline-flex;
    gap: 0.4rem;
    align-items: center;
    min-height: 44px;
    margin-right: 1rem;
  }

  .big {
    font-size: 1.3rem;
    font-weight: 700;
    color: var(--act);
  }

  .big.bad,
  .against {
    color: var(--danger);
  }

  .axis {
    position: relative;
    height: 6.4rem;
    border-bottom: 2px solid var(--ink);
    background: var(--card);
    overflow: hidden;
  }

  .free {
    position: absolute;
    inset-block: 0;
    background: var(--act-tint);
  }

  .product {
    position: absolute;
    inset-block: 0;
    border-left: 2px dashed var(--doubt);
  }

  .sends {
    position: absolute;
    bottom: 0;
    border-left: 4px solid var(--act);
    padding-left: 0.25rem;
    line-height: 1.1;
  }

  .sends.bad {
    border-color: var(--danger);
  }

  li {
    border-bottom: 1px solid var(--rule);
    padding: 0.4rem 0;
  }
</style>
