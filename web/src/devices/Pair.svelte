<script lang="ts">
  import { searchParams } from 'sv-router';
  import Notice from '../shared/Notice.svelte';
  import { DevicesState, wayBack } from './devices.svelte';

  const work = new DevicesState();
  let code = $state('');
  let name = $state('');

  async function pair(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (await work.pair(code, name)) {
      // A fresh page: whatever was refused before is asked for anew.
      location.assign(wayBack(String(searchParams.get('back') ?? '')));
    }
  }
</script>

<svelte:head><title>Pair this device – Able Medic</title></svelte:head>

<section class="page">
  <h1>Pair this device</h1>
  <p>
    At the bench: open <em>Other devices</em>, press <em>Make a code</em>, and read it off. It is good for
    five minutes and for one device.
  </p>
  <form onsubmit={pair}>
    <div class="field">
      <label for="code">Code from the bench</label>
      <!-- svelte-ignore a11y_autofocus -->
      <input
        id="code"
        class="entry reading"
        bind:value={code}
        inputmode="numeric"
        autocomplete="one-time-code"
        maxlength="12"
        placeholder="1234 5678"
        autofocus
        required
      />
    </div>
    <div class="field">
      <label for="name">Name of this device</label>
      <input
        id="name"
        class="entry"
        bind:value={name}
        maxlength="40"
        placeholder="tablet at the iron"
        required
      />
    </div>
    <Notice text={work.error} />
    <p>
      <button class="act" disabled={work.busy || code.trim() === '' || name.trim() === ''}>Pair it</button>
    </p>
  </form>
</section>

<style>
  form {
    display: grid;
    gap: 1rem;
    max-width: 24rem;
    margin-top: 1rem;
  }
</style>
