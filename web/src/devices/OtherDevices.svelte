<script lang="ts">
  import { onMount } from 'svelte';
  import Notice from '../shared/Notice.svelte';
  import { clock, moment } from '../shared/words';
  import { DevicesState, spaced } from './devices.svelte';

  /** Looked at anew while it is open: a device that comes in is seen, and a code that is used up goes. */
  const AGAIN_MS = 3000;

  const work = new DevicesState();
  onMount(() => {
    void work.look();
    const again = setInterval(() => void work.look(), AGAIN_MS);
    return () => clearInterval(again);
  });

  async function leave(): Promise<void> {
    if (await work.leave()) {
      location.assign('/pair');
    }
  }
</script>

<svelte:head><title>Other devices – Able Medic</title></svelte:head>

<section class="page">
  <h1>Other devices</h1>
  <Notice text={work.error} />
  {#if work.isSeat}
    <p>This window is on another device. Devices are paired and removed at the bench.</p>
    <p><button class="quiet" disabled={work.busy} onclick={() => void leave()}>Leave</button></p>
  {:else if work.now}
    {@const now = work.now}
    {#if now.mode === 'OFF'}
      <p>
        A tablet at the iron and this screen can show the same work-up, and both may write. For that the
        program must listen on the workshop network, which it does only if you start it like this:
      </p>
      <pre class="figure">./medic serve --lan</pre>
      <p class="small">A second window on this computer needs no pairing.</p>
    {:else}
      <div class="columns">
        <div>
          <h2>Pair a device</h2>
          <ol class="way">
            <li>
              {#if now.mode === 'PROXY'}On the device, open the address of the server in front.
              {:else}On the device, open
                {#each now.addresses as address, i (i)}<span class="figure address">{address}</span>
                {:else}the address of this computer; it is not on a network now.{/each}{/if}
            </li>
            {#if now.fingerprint}
              <li>
                Its browser warns about an unknown certificate. Have it show the certificate: if the
                fingerprint differs from this one, somebody is in between.
                <span class="figure print">{now.fingerprint}</span>
              </li>
            {/if}
            <li>
              {#if now.code}
                <span class="reading code">{spaced(now.code.digits)}</span>
                <span class="small"
                  >until {clock(now.code.until)}, for one device, {now.code.triesLeft}
                  {now.code.triesLeft === 1 ? 'try' : 'tries'} left</span
                >
              {:else}
                Make a code and enter it there.
              {/if}
            </li>
          </ol>
          <p>
            <button
              class={now.code ? 'quiet' : 'act'}
              disabled={work.busy}
              onclick={() => void work.newCode()}>{now.code ? 'Make another' : 'Make a code'}</button
            >
          </p>
        </div>
        <div>
          <h2>Paired devices</h2>
          <ul class="seats">
            {#each now.devices as device (device.id)}
              <li>
                <strong>{device.name}</strong>
                <span class="small"
                  >from <span class="figure">{device.from}</span> since {moment(device.since)}, last seen
                  {clock(device.lastSeen)}</span
                >
                <button
                  class="plain"
                  disabled={work.busy}
                  aria-label={`end pairing of ${device.name}`}
                  onclick={() => void work.end(device.id)}>end pairing</button
                >
              </li>
            {:else}
              <li class="small">None.</li>
            {/each}
          </ul>
          <p class="small">
            A device stays paired for twelve hours at the most. It may do what this computer does, but not
            pair others.
          </p>
        </div>
      </div>
    {/if}
  {/if}
</section>

<style>
  .columns {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2.5rem;
    margin-top: 1rem;
  }

  .way {
    list-style: decimal;
    padding-left: 1.3rem;
    display: grid;
    gap: 0.7rem;
    margin: 0.6rem 0 1rem;
  }

  .print {
    display: block;
    font-size: 0.85rem;
    overflow-wrap: anywhere;
  }

  .address {
    display: block;
  }

  .code {
    display: block;
    font-size: 2.4rem;
    letter-spacing: 0.08em;
  }

  pre {
    margin: 0.8rem 0;
  }

  .seats li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.1rem 1rem;
    padding: 0.4rem 0;
    border-bottom: 1px solid var(--rule);
  }

  .seats .small {
    grid-row: 2;
  }

  @media (max-width: 900px) {
    .columns {
      grid-template-columns: 1fr;
    }
  }
</style>
