<script lang="ts">
  import BenchMoment from './BenchMoment.svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import { send, Upload } from '../shared/upload.svelte';
  import CraftPicker from './CraftPicker.svelte';
  import { OpenedFor } from './craft.svelte';
  import Paper from './Paper.svelte';

  class Recording extends Upload<Schemas['SessionRead']> {
    async drop(file: File): Promise<Schemas['SessionRead'] | null> {
      this.take(file, file.name);
      return this.read('');
    }
  }

  const opened = new OpenedFor();
  const solved = new Loading<Schemas['SessionAnswer']>();
  let craftId = $state(opened.craftId);
  let session = $state(
    '# radio-off test, props off\n0 radio on\n1 battery in\n4 arm on\n5 throttle 33\n8 radio off\n20 radio on\n22 arm off\n23 battery out'
  );
  let chosen = $state(0);
  const recording = new Recording(
    '/api/instruments/radio-session/recording',
    send,
    (): Record<string, string> => (craftId ? { craft: craftId } : {})
  );

  $effect(() => {
    const body = { ...(craftId ? { craftId } : {}), session };
    void solved.load(() => ask(api.POST('/api/instruments/radio-session', { body })));
  });

  async function dropped(file: File | undefined): Promise<void> {
    const read = file ? await recording.drop(file) : null;
    if (read?.session) {
      session = read.session;
    } else if (read) {
      recording.error = `The file holds several signals: ${read.signals.join(', ')}. Record the receiver's line alone.`;
    }
  }

  let seen = $derived(solved.value?.seen ?? []);
  let shown = $derived(seen[Math.min(chosen, seen.length - 1)]);
</script>

<Paper
  title={`Receiver and FC on the bench${craftId ? ` of ${craftId}` : ''}`}
  text="A stand-in that answers by the same rules as the checks. It moves no motor. What works here still has to be tested on the craft."
  error={solved.error || recording.error}
>
  {#snippet asked()}
    {#if !opened.craftId}<CraftPicker bind:craftId none="any craft" />{/if}
    <div class="field">
      <label for="session">What is done at the radio, second by second</label>
      <textarea id="session" class="entry reading" rows="12" spellcheck="false" bind:value={session}
      ></textarea>
    </div>
    <div class="field">
      <label for="recording">Or a recording of the receiver’s line</label>
      <input id="recording" type="file" onchange={(event) => void dropped(event.currentTarget.files?.[0])} />
    </div>
  {/snippet}
  {#snippet answer()}
    {#if shown && !solved.error}
      <BenchMoment {shown} />
      <ol>
        {#each seen as one, i (i)}
          <li>
            <button type="button" aria-pressed={one === shown} onclick={() => (chosen = i)}>
              <span class="figure">{one.atS.toFixed(1)} s</span>
              <span>{one.text}</span>
            </button>
          </li>
        {/each}
      </ol>
    {/if}
  {/snippet}
</Paper>

<style>
  textarea {
    width: 100%;
    resize: vertical;
    font-size: 1rem;
    padding: 0.5rem;
    line-height: 1.45;
  }

  li button {
    display: grid;
    grid-template-columns: 4rem 1fr;
    gap: 0.8rem;
    width: 100%;
    text-align: left;
    min-height: 36px;
    align-items: center;
    border-bottom: 1px solid var(--rule);
  }

  li button[aria-pressed='true'] {
    font-weight: 700;
    box-shadow: inset 3px 0 0 var(--act);
    padding-left: 0.5rem;
  }
</style>
