<script lang="ts">
  import type { Schemas } from '../api/client';
  import NumberEntry from '../shared/NumberEntry.svelte';
  import type { WiringState } from './wiring.svelte';

  /** The parts of a craft: what differs from their types, and a place to add another. */
  let {
    work,
    library,
    typeOf
  }: {
    work: WiringState;
    library: Schemas['LibraryPart'][];
    typeOf: (id: string) => Schemas['PartType'] | undefined;
  } = $props();

  let adding = $state('');
</script>

<h2>Parts</h2>
<p class="small">
  Enter what differs from the part type: a name, a current. Saved together with the wires below.
</p>
<ul class="parts">
  {#each work.parts as part, i (part.id)}
    <li>
      <span class="figure">{part.id}</span>
      <input
        class="entry"
        bind:value={work.parts[i]!.label}
        maxlength="60"
        aria-label={`Name of ${part.id}`}
      />
      <span class="small">{typeOf(part.archetype)?.label}</span>
      <span class="draw">
        <NumberEntry
          class="entry"
          min={0}
          max={100}
          unit="A"
          value={part.drawA || null}
          onnumber={(amps) => (work.parts[i]!.drawA = amps ?? 0)}
          placeholder={String(typeOf(part.archetype)?.loads?.[0]?.amps ?? '–')}
          aria-label={`Draw of ${part.id} in amperes, empty for that of its part type`}
        /> A
      </span>
      <button
        class="plain"
        disabled={work.busy}
        aria-label={`remove ${part.label}`}
        onclick={() => void work.removePart(part.id)}>remove</button
      >
    </li>
  {/each}
</ul>
<form
  class="add"
  onsubmit={(event) => {
    event.preventDefault();
    void work.addPart(adding);
  }}
>
  <select class="entry" bind:value={adding} aria-label="Part from the library">
    <option value="">from the parts library…</option>
    {#each library as { partType } (partType.id)}
      <option value={partType.id}
        >{partType.label}{partType.loads?.[0] ? `, ${partType.loads[0].amps} A` : ''}</option
      >
    {/each}
  </select>
  <button class="quiet" disabled={adding === '' || work.busy}>Add it, with its wires</button>
  <a href="/parts">the parts library</a>
</form>

<style>
  h2 {
    margin-top: 1.2rem;
  }

  .parts li {
    display: grid;
    grid-template-columns: 5rem 1fr 1.4fr 8rem auto;
    gap: 0.8rem;
    padding: 0.2rem 0;
    align-items: center;
    border-bottom: 1px solid var(--rule);
  }

  .draw {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.3rem;
    align-items: center;
  }

  .add {
    display: grid;
    grid-template-columns: minmax(14rem, 26rem) auto;
    gap: 0.8rem;
    margin-top: 0.6rem;
    justify-content: start;
  }
</style>
