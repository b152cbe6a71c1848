<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import { percent } from '../shared/words';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['SearchAnswer']>();
  let named = $state('4.0\n4.1\n4.2\n4.3\n4.4\n4.5');
  let flakes = $state<number | null>(10);
  let trials = $state.raw<{ version: string; works: boolean }[]>([]);
  let versions = $derived(
    named
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '')
  );

  $effect(() => {
    const share = (flakes ?? 0) / 100;
    const body = {
      versions,
      trials: trials.filter((trial) => versions.includes(trial.version)),
      seemsToWork: share,
      seemsBroken: share
    };
    void solved.load(() => ask(api.POST('/api/instruments/version-search', { body })));
  });

  function tried(version: string, works: boolean): void {
    trials = [...trials, { version, works }];
  }
</script>

<Paper
  title="Which version broke it"
  text="The oldest works, the newest does not. Try the version that tells most; a trial may mislead, so one is not enough where it comes and goes."
  error={solved.error}
>
  {#snippet asked()}
    <div class="field">
      <label for="versions">Versions, one a line, the oldest first</label>
      <textarea id="versions" class="entry figure" rows="8" bind:value={named} spellcheck="false"></textarea>
    </div>
    <NumberField id="flakes" label="How often a trial misleads, %" bind:value={flakes} />
    {#if trials.length > 0}
      <ol class="trials" aria-label="Trials">
        {#each trials as trial, i (i)}
          <li>
            <span class="figure">{trial.version}</span>
            {trial.works ? 'works' : 'does not'}
            <button
              class="plain"
              type="button"
              aria-label={`Undo trial ${i + 1}`}
              onclick={() => (trials = trials.filter((_, other) => other !== i))}>undo</button
            >
          </li>
        {/each}
      </ol>
    {/if}
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      {@const now = solved.value}
      {#if now.next}
        {@const next = now.next}
        <p class="big">Try <span class="reading">{next}</span></p>
        <p class="do">
          <button class="act" type="button" onclick={() => tried(next, true)}>It works</button>
          <button class="quiet" type="button" onclick={() => tried(next, false)}>It does not</button>
        </p>
        <p class="small">
          About {Math.ceil(now.left)}
          {Math.ceil(now.left) === 1 ? 'trial is' : 'trials are'} left. All settings saved as text before each flash.
        </p>
      {:else if now.found}
        <p class="big">
          <span class="reading">{now.found}</span> broke it
        </p>
        <ol class="proof">
          {#each now.proof as step, i (i)}<li>{step}</li>{/each}
        </ol>
      {/if}
      <table>
        <thead>
          <tr><th scope="col">version</th><th scope="col">tried</th><th scope="col">broke it</th></tr>
        </thead>
        <tbody>
          {#each now.steps as step (step.version)}
            <tr>
              <th scope="row" class="figure">{step.version}</th>
              <td>
                {#if step.worked > 0}<span class="small">worked {step.worked}×</span>{/if}
                {#if step.failed > 0}<span class="small">failed {step.failed}×</span>{/if}
              </td>
              <td>
                <span class="bar" style:width={`${Math.round(120 * step.belief)}px`}></span>
                {percent(step.belief)}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
  {/snippet}
</Paper>

<style>
  .big {
    font-size: 1.3rem;
  }

  .do {
    display: flex;
    gap: 0.8rem;
    margin: 0.6rem 0;
  }

  .proof,
  .trials {
    list-style: decimal;
    padding-left: 1.4rem;
    margin: 0.5rem 0;
  }

  textarea {
    width: 100%;
  }

  table {
    width: 100%;
    margin-top: 1rem;
    border-collapse: collapse;
  }

  th,
  td {
    padding: 0.3rem 0.7rem 0.3rem 0;
    border-bottom: 1px solid var(--rule);
    text-align: left;
    font-weight: 400;
  }

  thead th {
    color: var(--soft);
  }

  .bar {
    display: inline-block;
    height: 0.7rem;
    margin-right: 0.5rem;
    background: var(--doubt-fill);
  }
</style>
