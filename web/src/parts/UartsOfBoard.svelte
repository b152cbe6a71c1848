<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { PartTypeState } from './partType.svelte';

  /** The UARTs of a flight controller: which pad is which side of which. */
  let { work }: { work: PartTypeState } = $props();

  const processors: Schemas['UartsOf']['processor'][] = ['F1', 'F3', 'F4', 'F7', 'H7'];
  const inverters: { id: Schemas['UartPadOf']['inverter']; label: string }[] = [
    { id: 'NONE', label: 'no inverter' },
    { id: 'CHIP', label: 'in the processor, by a setting' },
    { id: 'FIXED', label: 'always inverted' },
    { id: 'JUMPER', label: 'a solder jumper' },
    { id: 'SOFTWARE', label: 'in the firmware, by a setting' }
  ];
  let uarts = $derived(work.partType.uarts);
  let names = $derived([...new Set(uarts?.pads.map((one) => one.uart) ?? [])]);
</script>

<h2>UARTs</h2>
{#if work.serialPads.length === 0}
  <p class="small">None entered. A pad that is one side of a UART is marked as such above.</p>
{:else if !uarts || uarts.pads.length < work.serialPads.length}
  <p>
    <button type="button" class="quiet" onclick={() => work.leadOut()}
      >Say which UART each serial pad is of</button
    >
  </p>
{/if}
{#if uarts}
  <div class="grid">
    <div class="field">
      <label for="processor">Processor</label>
      <select id="processor" class="entry" bind:value={uarts.processor}>
        {#each processors as one (one)}<option value={one}>{one} class</option>{/each}
      </select>
    </div>
    <div class="field">
      <label for="computer">UART used by the USB bridge</label>
      <select id="computer" class="entry" bind:value={uarts.computer}>
        <option value="">none, USB has its own</option>
        {#each names as name (name)}<option value={name}>UART {name}</option>{/each}
      </select>
    </div>
    <div class="field">
      <label for="silent">Not printed on the board</label>
      <input id="silent" class="entry" bind:value={uarts.silent} maxlength="200" />
    </div>
  </div>
  <p class="ticks">
    {#each names as name (name)}
      <label class="tick"
        ><input type="checkbox" value={name} bind:group={uarts.soft} /> UART {name} is soft serial</label
      >
    {/each}
  </p>
  <ul>
    {#each uarts.pads as one, i (one.pad)}
      <li>
        <span class="figure">{one.pad}</span>
        <div class="field">
          <label for={`port-${i}`}>UART</label>
          <input id={`port-${i}`} class="entry" bind:value={one.uart} maxlength="2" />
        </div>
        <div class="field">
          <label for={`side-${i}`}>side</label>
          <select id={`side-${i}`} class="entry" bind:value={one.side}>
            <option value="RX">RX, receives</option>
            <option value="TX">TX, it sends</option>
          </select>
        </div>
        <div class="field">
          <label for={`inverter-${i}`}>inverted by</label>
          <select id={`inverter-${i}`} class="entry" bind:value={one.inverter}>
            {#each inverters as way (way.id)}<option value={way.id}>{way.label}</option>{/each}
          </select>
        </div>
        <label class="tick"><input type="checkbox" bind:checked={one.bears5V} /> 5 V tolerant</label>
      </li>
    {/each}
  </ul>
{/if}

<style>
  .grid {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.8rem 1.2rem;
    align-items: end;
  }

  li {
    display: grid;
    grid-template-columns: 4rem 5rem 9rem minmax(10rem, 1fr) auto;
    gap: 0.8rem;
    align-items: end;
    padding: 0.3rem 0;
    border-bottom: 1px solid var(--rule);
  }

  @media (max-width: 700px) {
    .grid,
    li {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
