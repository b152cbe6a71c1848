<script lang="ts">
  import { api, ask, words, type Schemas } from '../api/client';
  import Notice from '../shared/Notice.svelte';
  import ReasonSheet from '../shared/ReasonSheet.svelte';
  import { moment } from '../shared/words';

  /** The log of a battery, newest first. */
  let {
    battery,
    onchanged
  }: { battery: Schemas['BatteryView']; onchanged: (battery: Schemas['BatteryView']) => void } = $props();

  let wrong = $state.raw<Schemas['Dated']>();
  let error = $state('');

  async function takeBack(entry: Schemas['Dated'], reason: string): Promise<void> {
    wrong = undefined;
    error = '';
    try {
      onchanged(
        await ask(
          api.POST('/api/batteries/{label}/entries/{id}/withdrawal', {
            params: { path: { label: battery.label, id: entry.id } },
            body: { reason }
          })
        )
      );
    } catch (thrown) {
      error = words(thrown);
    }
  }

  function said(e: Schemas['BatteryEvent']): string {
    return [
      e.craft,
      e.minutes != null && `${e.minutes} min`,
      e.usedMah != null && `counted ${e.usedMah} mAh`,
      e.chargedMah != null && `charged back ${e.chargedMah} mAh`,
      e.restV != null && `${e.restV} V at rest`,
      e.loadV != null && `${e.loadV} V under ${e.loadA ?? '?'} A`,
      e.note
    ]
      .filter(Boolean)
      .join(', ');
  }
</script>

<ol class="dated">
  {#each battery.entries as dated (dated.id)}
    <li>
      <time class="small figure" datetime={dated.at}>{moment(dated.at)}</time>
      <span>
        {said(dated.entry)}
        <button class="plain small" onclick={() => (wrong = dated)}>Undo…</button>
      </span>
    </li>
  {:else}
    <li class="small none">Nothing yet. A flight with what the charger put back gives its flight time.</li>
  {/each}
</ol>
{#if battery.corrections.length > 0}
  <p class="small">
    Corrected: {battery.corrections.map((one) => one.reason).join('; ')}.
  </p>
{/if}
<Notice text={error} />
<ReasonSheet
  open={wrong !== undefined}
  title="Take an entry back"
  text="It no longer counts and stays in the history. Enter the right one again."
  action="Undo"
  onclose={() => (wrong = undefined)}
  ongive={(reason) => void takeBack(wrong!, reason)}
/>

<style>
  .dated {
    --date: 12rem;
  }
</style>
