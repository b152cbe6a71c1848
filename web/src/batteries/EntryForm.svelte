<script lang="ts">
  import NumberEntry from '../shared/NumberEntry.svelte';
  import { api, ask, Problem, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';

  /** Something that happened to a battery: what is not known stays open. */
  let { label, onadded }: { label: string; onadded: (battery: Schemas['BatteryView']) => void } = $props();

  type Field = 'minutes' | 'usedMah' | 'chargedMah' | 'restV' | 'loadV' | 'loadA';
  const fields: { id: Field; label: string; unit: string }[] = [
    { id: 'minutes', label: 'Flown, min', unit: 'min' },
    { id: 'usedMah', label: 'Counted, mAh', unit: 'mAh' },
    { id: 'chargedMah', label: 'Charged back, mAh', unit: 'mAh' },
    { id: 'restV', label: 'At rest, V', unit: 'V' },
    { id: 'loadV', label: 'Under load, V', unit: 'V' },
    { id: 'loadA', label: 'at that load, A', unit: 'A' }
  ];
  let values = $state<Record<Field, number | null>>({
    minutes: null,
    usedMah: null,
    chargedMah: null,
    restV: null,
    loadV: null,
    loadA: null
  });
  let craft = $state('');
  let note = $state('');
  let error = $state('');
  /** Whether the last entry was asked back: it may be right, and is seldom. */
  let asked = $state(false);

  async function add(sure: boolean): Promise<void> {
    error = '';
    asked = false;
    const known = Object.fromEntries(
      Object.entries($state.snapshot(values)).filter(([, value]) => value !== null)
    ) as Partial<Record<Field, number>>;
    try {
      onadded(
        await ask(
          api.POST('/api/batteries/{label}/entries', {
            params: { path: { label } },
            body: { ...known, craft: craft.trim() || undefined, note, ...(sure ? { sure } : {}) }
          })
        )
      );
      values = { minutes: null, usedMah: null, chargedMah: null, restV: null, loadV: null, loadA: null };
      note = '';
    } catch (thrown) {
      error = words(thrown);
      asked = thrown instanceof Problem && thrown.status === 409;
    }
  }
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void add(false);
  }}
>
  <div class="field">
    <label for="e-craft">Craft</label>
    <input id="e-craft" class="entry" bind:value={craft} maxlength="24" />
  </div>
  {#each fields as field (field.id)}
    <div class="field">
      <label for={`e-${field.id}`}>{field.label}</label>
      <NumberEntry
        id={`e-${field.id}`}
        class="entry"
        min={0}
        unit={field.unit}
        bind:value={values[field.id]}
      />
    </div>
  {/each}
  <div class="field note">
    <label for="e-note">Note</label>
    <input id="e-note" class="entry" bind:value={note} maxlength="400" />
  </div>
  <button class="quiet">Enter</button>
</form>
<Notice text={error} />
{#if asked}<p><button class="quiet" onclick={() => void add(true)}>It is right: enter it so</button></p>{/if}

<style>
  form {
    display: grid;
    grid-template-columns: repeat(4, minmax(8rem, 1fr));
    gap: 0.6rem 1rem;
    align-items: end;
    margin: 0.5rem 0 1rem;
  }

  .note {
    grid-column: span 2;
  }

  button {
    justify-self: start;
  }

  @media (max-width: 700px) {
    form {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
