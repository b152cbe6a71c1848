<script lang="ts">
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { corners, type FrameState } from './frame.svelte';

  /** A motor of a craft: where it is, which way it turns, on which output. */
  let {
    work,
    sheet,
    drive,
    motor,
    craftId
  }: {
    work: FrameState;
    sheet: Schemas['BuildSheet'];
    drive: Schemas['Drive'];
    /** Its place among the corners. */
    motor: number;
    craftId: string;
  } = $props();

  const places = [
    { axis: 'forwardMm', label: 'mm forward of the middle' },
    { axis: 'rightMm', label: 'mm right of the middle' }
  ] as const;
</script>

<h2>The {drive.name} motor</h2>
<div class="pair">
  {#each places as one (one.axis)}
    <div class="field">
      <label for={one.axis}>{one.label}</label>
      <NumberEntry
        id={one.axis}
        class="entry"
        value={sheet.motors[motor]![one.axis]}
        onnumber={(mm) => mm !== null && work.move(motor, one.axis, mm)}
      />
    </div>
  {/each}
</div>
<label class="inline"><input type="checkbox" bind:checked={work.alike} /> the other motors move alike</label>
<fieldset>
  <legend>From above it turns</legend>
  <Choice
    label="clockwise"
    chosen={sheet.propSpins[motor] === 'CLOCKWISE'}
    onchoose={() => work.turns(motor, 'CLOCKWISE')}
  />
  <Choice
    label="counter-clockwise"
    chosen={sheet.propSpins[motor] === 'COUNTER_CLOCKWISE'}
    onchoose={() => work.turns(motor, 'COUNTER_CLOCKWISE')}
  />
</fieldset>
{#if sheet.wiring}
  <fieldset>
    <legend>It is wired to</legend>
    {#each [1, 2, 3, 4] as output (output)}
      <Choice
        label={`output ${output}`}
        chosen={sheet.wiring[output - 1] === drive.corner}
        onchoose={() => work.wire(output, corners[motor]!)}
      />
    {/each}
  </fieldset>
{:else}
  <p class="small">
    Output {drive.output}, as <a href={`/crafts/${encodeURIComponent(craftId)}/wiring`}>its wires</a> have it.
  </p>
{/if}

<style>
  .pair,
  fieldset {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem 1rem;
    align-items: end;
  }

  legend {
    font-weight: 700;
  }

  .inline {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    min-height: 44px;
  }
</style>
