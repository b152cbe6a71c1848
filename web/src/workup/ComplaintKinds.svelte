<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What a complaint is about: each kind has causes of its own. */
  let {
    complaints,
    kind,
    craftId,
    onchoose
  }: {
    complaints: Schemas['ComplaintEntry'][];
    kind: string;
    craftId: string;
    onchoose: (kind: string) => void;
  } = $props();
</script>

<fieldset>
  <legend>What is it about?</legend>
  <div class="kinds">
    {#each complaints as one (one.id)}
      <label class="choice">
        <input
          type="radio"
          name="kind"
          value={one.id}
          checked={kind === one.id}
          onchange={() => onchoose(one.id)}
        />
        {one.label}
      </label>
    {/each}
  </div>
  {#if kind === 'something-else'}
    <p class="small">
      Complaints with known causes: {complaints
        .filter((c) => c.id !== 'something-else')
        .map((c) => c.label)
        .join('; ')}. For anything else no causes are known. It keeps your words, starts with the general
      checks (look, pre-power checks, rails) and what happened to the craft, and is logged and closed like any
      other.
    </p>
  {/if}
  {#if complaints.length === 2}
    <p class="small">
      Power and voltage can be worked up once
      <a href={`/crafts/${encodeURIComponent(craftId)}/wiring`}>its parts and wiring</a> are entered.
    </p>
  {/if}
</fieldset>

<style>
  fieldset {
    margin-top: 0.8rem;
  }

  legend {
    font-weight: 700;
  }

  .kinds {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  }

  .choice {
    display: inline-flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 44px;
    margin-right: 1.2rem;
  }
</style>
