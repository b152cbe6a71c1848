<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import Paper from './Paper.svelte';

  type Verdict = Schemas['PairingView']['verdict'];

  const solved = new Loading<Schemas['PairingsAnswer']>();
  const DEVICES: [string, string][] = [
    ['BOARD', 'Flight controller'],
    ['CONTROLLERS', 'ESCs'],
    ['RECEIVER', 'Receiver'],
    ['MODULE', 'Radio’s module'],
    ['RADIO', 'Radio'],
    ['CARD', 'Radio’s card'],
    ['GOGGLES', 'Goggles']
  ];
  const SAID: Record<Verdict, string> = {
    GOES: 'go together',
    DOES_NOT: 'do not go together',
    NOT_SAID: 'not known'
  };
  let versions = $state<Record<string, string>>({});

  $effect(() => {
    const body = { versions: { ...versions } };
    void solved.load(() => ask(api.POST('/api/instruments/version-pairs', { body })));
  });
</script>

<Paper
  title="Versions that go together"
  text="Each device has firmware of its own. Enter what you know; what is left empty is not judged."
  error={solved.error}
>
  {#snippet asked()}
    {#each DEVICES as [id, label] (id)}
      <div class="field">
        <label for={id}>{label}</label>
        <input
          {id}
          class="entry reading"
          placeholder="such as 3.2"
          autocomplete="off"
          maxlength="60"
          bind:value={() => versions[id] ?? '', (text) => (versions[id] = text)}
        />
      </div>
    {/each}
  {/snippet}
  {#snippet answer()}
    <ul>
      {#each solved.value?.pairings ?? [] as one (one.one + one.other)}
        <li class={one.verdict.toLowerCase()}>
          <p><strong>{one.one} and {one.other}: {SAID[one.verdict]}</strong></p>
          {#if one.right}<p>What would: {one.right}.</p>{/if}
          <p class="small">{one.why}</p>
        </li>
      {/each}
    </ul>
    <p class="small">
      For every link, air and ground must be of the same generation. The other versions belong to the dialects
      that ship, which are invented; trust the craft’s own notes first.
    </p>
  {/snippet}
</Paper>

<style>
  li {
    padding: 0.5rem 0.8rem;
    border-left: 4px solid var(--rule);
    border-bottom: 1px solid var(--rule);
  }

  .goes {
    border-left-color: var(--act);
  }

  .does_not {
    border-left-color: var(--danger);
    background: var(--danger-tint);
  }

  .not_said {
    color: var(--soft);
  }
</style>
