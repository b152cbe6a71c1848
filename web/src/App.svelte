<script lang="ts">
  import { onMount } from 'svelte';
  import { Router } from 'sv-router';
  import { navigate, route } from './router';
  import FirstMinuteLine from './shared/FirstMinuteLine.svelte';
  import Finder from './shared/Finder.svelte';
  import { keys } from './shared/keys.svelte';
  import KeyList from './shared/KeyList.svelte';
  import Masthead from './shared/Masthead.svelte';
  import { toggleMode } from './shared/mode';

  let finding = $state(false);
  let listing = $state(false);

  onMount(() =>
    keys.add([
      { key: '/', label: 'Find anything', run: () => (finding = true) },
      { key: 'n', label: 'New work-up', run: () => navigate('/work-ups/new') },
      { key: 'g b', label: 'Go to the bench', run: () => navigate('/') },
      { key: 'g l', label: 'Go to the repair log', run: () => navigate('/repair-log') },
      { key: 'g p', label: 'Go to the batteries', run: () => navigate('/batteries') },
      { key: 'g i', label: 'Go to the instruments', run: () => navigate('/instruments') },
      { key: 'g h', label: 'Go to the handbook', run: () => navigate('/handbook') },
      { key: 'm', label: 'Day or night', run: () => toggleMode() },
      { key: '?', label: 'This list', run: () => (listing = true) }
    ])
  );
</script>

<svelte:window onkeydown={(event) => keys.handle(event)} />

<a class="skip" href="#main">To the content</a>
<Masthead onfind={() => (finding = true)} onkeys={() => (listing = true)} />
<FirstMinuteLine path={route.pathname} />
<main id="main" tabindex="-1"><Router /></main>
<Finder open={finding} onclose={() => (finding = false)} />
<KeyList open={listing} onclose={() => (listing = false)} />

<style>
  .skip {
    position: absolute;
    left: -999px;
  }

  .skip:focus {
    left: 1rem;
    top: 0.5rem;
    background: var(--card);
    z-index: 60;
    padding: 0.5rem;
  }

  main:focus {
    outline: none;
  }
</style>
