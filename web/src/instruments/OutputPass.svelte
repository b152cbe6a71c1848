<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import CraftPicker from './CraftPicker.svelte';
  import { OpenedFor } from './craft.svelte';
  import NumberField from './NumberField.svelte';
  import PropsOff from '../shared/PropsOff.svelte';
  import Paper from './Paper.svelte';

  const opened = new OpenedFor();
  const solved = new Loading<Schemas['OutputPass']>();
  let craftId = $state(opened.craftId);
  let channel = $state<number | null>(9);
  let output = $state<number | null>(5);

  $effect(() => {
    const body = { ...(craftId ? { craftId } : {}), channel: channel ?? 0, output: output ?? 0 };
    void solved.load(() => ask(api.POST('/api/instruments/output-pass', { body })));
  });
</script>

<Paper
  title={`Outputs through the FC${craftId ? ` of ${craftId}` : ''}`}
  text="A servo, an LED or a release on a spare output, moved by a spare channel of the radio."
  error={solved.error}
>
  {#snippet asked()}
    {#if !opened.craftId}<CraftPicker bind:craftId none="any craft" />{/if}
    <NumberField
      id="channel"
      label="Channel of the radio"
      bind:value={channel}
      hint="1 to 4 are the sticks"
    />
    <NumberField id="output" label="Output of the FC" bind:value={output} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const now = solved.value}
      <p class="big">Channel {channel} is auxiliary <span class="reading">{now.auxiliary}</span></p>
      {#each now.against as one, i (i)}<p class="against">{one}</p>{/each}
      <PropsOff turns="Outputs are moved at the bench with the props off, and motors may be among them.">
        <ol>
          {#each now.steps as step, i (i)}<li>{step}</li>{/each}
        </ol>
      </PropsOff>
    {/if}
  {/snippet}
</Paper>

<style>
  .big {
    font-size: 1.3rem;
    font-weight: 700;
  }

  .against {
    color: var(--danger);
    font-weight: 700;
  }

  ol {
    list-style: decimal;
    padding-left: 1.6rem;
    display: grid;
    gap: 0.5rem;
  }
</style>
