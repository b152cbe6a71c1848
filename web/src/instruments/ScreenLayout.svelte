<script lang="ts">
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';
  import { ScreenLayout } from './screenLayout.svelte';

  const work = new ScreenLayout();
  $effect(() => work.solve());
  let off = $derived(
    (work.solved.value?.items ?? []).filter((one) => one.stands === 'CUT' || one.stands === 'OUTSIDE').length
  );
</script>

<Paper
  title="Screen layout"
  text="Goggles show less than the whole video frame, and NTSC has three rows fewer than PAL. Choose an item and move it with the arrow keys."
  error={work.solved.error}
>
  {#snippet asked()}
    <div class="field">
      <label for="fields">Camera</label>
      <select id="fields" class="entry" bind:value={work.fields}>
        <option value="FIFTY">PAL, 16 rows</option>
        <option value="SIXTY">NTSC, 13 rows</option>
      </select>
    </div>
    <NumberField
      id="seen"
      label="Visible area, %"
      bind:value={work.seen}
      hint="of width and height; put a letter in each corner to find it"
    />
    <ul class="items" aria-label="Items">
      {#each work.solved.value?.items ?? [] as one, i (i)}
        <li>
          <button
            aria-pressed={work.chosen === i}
            onclick={() => (work.chosen = i)}
            onkeydown={(event) => work.key(event)}
          >
            <b>{one.text}</b>
            <span class:against={one.stands !== 'INSIDE'}>{one.said}</span>
          </button>
        </li>
      {/each}
    </ul>
    <form
      class="add"
      onsubmit={(event) => {
        event.preventDefault();
        work.add();
      }}
    >
      <label for="adding">Text of another item</label>
      <input id="adding" class="entry" maxlength="30" bind:value={work.adding} />
      <button class="quiet">Add item</button>
      <button type="button" class="quiet" disabled={work.items.length === 0} onclick={() => work.remove()}
        >Remove chosen item</button
      >
    </form>
  {/snippet}
  {#snippet answer()}
    {#if work.solved.value && !work.solved.error}
      {@const grid = work.solved.value}
      <div
        class="screen"
        role="img"
        aria-label={`Raster of ${grid.columns} columns and ${grid.rows} rows`}
        style:grid-template-columns={`repeat(${grid.columns}, 1fr)`}
        style:grid-template-rows={`repeat(${Math.max(grid.rows, ...grid.items.map((one) => one.row + 1))}, 1.45rem)`}
      >
        <div
          class="seen"
          style:grid-column={`${grid.firstColumn + 1} / ${grid.lastColumn + 2}`}
          style:grid-row={`${grid.firstRow + 1} / ${grid.lastRow + 2}`}
        ></div>
        {#each grid.items as one, i (i)}
          {#each [...one.text].slice(0, grid.columns - one.column) as letter, k (k)}
            <span
              class:chosen={work.chosen === i}
              class:off={one.stands === 'CUT' || one.stands === 'OUTSIDE'}
              style:grid-column={one.column + k + 1}
              style:grid-row={one.row + 1}>{letter}</span
            >
          {/each}
        {/each}
      </div>
      <p class="small">Inside the frame everything is visible. Outside it is cut off or lost.</p>
      <p class="big" class:against={off > 0}>
        {off === 0 ? 'Everything is visible.' : `${off} not fully visible.`}
      </p>
      {#if off > 0}
        <div class="acts"><button class="act" onclick={() => work.bringIn()}>Move them inside</button></div>
      {/if}
    {/if}
  {/snippet}
</Paper>

<style>
  .items button {
    display: grid;
    grid-template-columns: 9rem 1fr;
    gap: 0.6rem;
    align-items: center;
    width: 100%;
    min-height: 44px;
    text-align: left;
    border-bottom: 1px solid var(--rule);
    padding: 0.2rem 0.4rem;
  }

  .items button[aria-pressed='true'] {
    background: var(--act-tint);
    box-shadow: inset 4px 0 0 var(--act);
  }

  .against {
    color: var(--danger);
  }

  .add {
    display: grid;
    gap: 0.4rem;
  }

  .screen {
    display: grid;
    background: var(--slate-tint);
    border: 1px solid var(--rule);
    font-family: 'Atkinson Hyperlegible Mono', monospace;
    font-size: 0.85rem;
    overflow: hidden;
  }

  .seen {
    border: 2px solid var(--slate);
    background: var(--card);
    border-radius: 4px;
  }

  .screen span {
    white-space: pre;
    text-align: center;
    font-size: 1rem;
    line-height: 1.45rem;
  }

  .screen .chosen {
    background: var(--act-tint);
    font-weight: 700;
  }

  .screen .off {
    color: var(--danger);
    background: var(--danger-tint);
  }

  .big {
    font-size: 1.3rem;
    font-weight: 700;
  }
</style>
