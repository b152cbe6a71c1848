<script lang="ts">
  import { onMount } from 'svelte';
  import { words } from '../../api/client';
  import Notice from '../../shared/Notice.svelte';
  import PropsOff from '../../shared/PropsOff.svelte';
  import CraftPicker from '../CraftPicker.svelte';
  import { OpenedFor } from '../craft.svelte';
  import ChannelDrawing from './ChannelDrawing.svelte';
  import { ModesState } from './modes.svelte';
  import ModesTable from './ModesTable.svelte';
  import SwitchesTable from './SwitchesTable.svelte';

  const opened = new OpenedFor();
  const work = new ModesState();
  let craftId = $state(opened.craftId);
  let trouble = $state('');

  onMount(() => void (craftId && ofSheet()));

  async function ofSheet(): Promise<void> {
    trouble = '';
    try {
      await work.ofSheet(craftId);
    } catch (thrown) {
      trouble = words(thrown);
    }
  }

  $effect(() => {
    JSON.stringify(work.laid);
    void work.solve();
  });
</script>

<svelte:head><title>Switches and modes – Able Medic</title></svelte:head>

<section class="page">
  <h1>Switches and modes{craftId ? ` of ${craftId}` : ''}</h1>
  <p class="small">
    Each bar is a channel, its pulse rising upwards. Press a position to put the switch there; the boxes
    beside it are the modes on that channel.
  </p>
  {#if !opened.craftId}
    <div class="pick">
      <CraftPicker bind:craftId none="as entered below" onchange={() => void (craftId && ofSheet())} />
    </div>
  {/if}
  <Notice text={trouble || work.solved.error} />
  <div class="channels">
    {#each work.channels as channel (channel)}
      <ChannelDrawing {work} {channel} />
    {/each}
    <div class="now" aria-live="polite">
      <h2>As the switches stand</h2>
      {#if work.on === undefined}
        <p class="small">Too many switches to go through, or none.</p>
      {:else if work.on.length === 0}
        <p class="big">Nothing is on: disarmed, rates.</p>
      {:else}
        <p class="big">On: {work.on.join(', ')}.</p>
      {/if}
      {#each work.solved.value?.remarks ?? [] as one, i (i)}
        <p class={one.weight}>{one.text}</p>
      {:else}
        <p>No conflicts.</p>
      {/each}
      <h2>On the craft</h2>
      <PropsOff turns="The arm switch is one of them: never try it at the bench with props on.">
        <ol>
          <li>USB plugged in, radio on, throttle down, craft held down.</li>
          <li>Flip each switch through its positions, the arm switch last, and watch the FC’s modes page.</li>
          <li>It must show what stands here. Where it shows something else, enter what it sends.</li>
        </ol>
      </PropsOff>
    </div>
  </div>

  <div class="two">
    <div><ModesTable {work} /></div>
    <div><SwitchesTable {work} /></div>
  </div>
  <h2>Conventions</h2>
  <p class="small">
    Arm on a switch of its own, never shared. Self-level at the position that the hand finds without looking.
    Air-stabilised idle always on, or on a switch: with it the craft holds its attitude at no throttle, and
    lands harder. Motors that spin at idle say that it is armed; motors that stop are quieter at the bench.
  </p>
</section>

<style>
  ol {
    list-style: decimal;
    padding-left: 1.4rem;
  }

  .pick {
    max-width: 24rem;
    margin: 0.8rem 0;
  }

  .channels {
    display: flex;
    flex-wrap: wrap;
    gap: 1.4rem;
    align-items: start;
    border-block: 1px solid var(--rule);
    padding: 0.8rem 0;
    margin: 0.8rem 0 1.4rem;
  }

  .now {
    flex: 1 1 18rem;
    display: grid;
    gap: 0.5rem;
  }

  .big {
    font-size: 1.3rem;
    font-weight: 700;
  }

  .HARMS,
  .WRONG {
    color: var(--danger);
    font-weight: 700;
  }

  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2.5rem;
    margin-bottom: 1.4rem;
  }

  @media (max-width: 900px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
