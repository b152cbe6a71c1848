<script lang="ts">
  import type { Schemas } from '../api/client';
  import ReasonSheet from '../shared/ReasonSheet.svelte';
  import PasteText from '../shared/PasteText.svelte';
  import LinkedText from '../shared/LinkedText.svelte';
  import TopView from '../shared/TopView.svelte';
  import { percent } from '../shared/words';
  import Cautions from './Cautions.svelte';
  import type { WorkUpState } from './state.svelte';

  /** How to put one fault right on this craft. */
  let { work, fix }: { work: WorkUpState; fix: Schemas['FixCard'] } = $props();

  let view = $derived(work.view!);
  let pointed = $derived(view.suspects.find((s) => s.faultId === fix.faultId)?.corners ?? []);
  /** Below this belief a fix needs a reason, as the server asks. */
  const HARDLY_BELIEVED = 0.3;
  let unlikely = $derived(fix.belief < HARDLY_BELIEVED);
  let confirming = $state('');
  let early = $derived(work.fixOutOfTurn !== undefined && view.fix?.faultId !== fix.faultId);
</script>

<article>
  <header>
    <p class="small">
      To fix · <span class="figure">{percent(fix.belief)}</span> likely ·
      <a href={`/handbook/${fix.kind}`}>handbook</a>
    </p>
    <h2>{fix.title}</h2>
    {#if early}<p class="doubt">
        It is not clear yet. Checking further is safer than fixing on a guess.
      </p>{:else if fix.trial}<p class="doubt">
        It leads, but not clearly. Fixing and testing it is quicker than any check that is left; if it doesn’t
        help, undo the fix.
      </p>{/if}
  </header>
  <Cautions cautions={view.cautions} />
  <div class="with-drawing">
    <div class="options">
      {#each fix.options as option, i (option.fixId)}
        <section>
          <h3>{i === 0 ? '' : 'Or: '}{option.title}</h3>
          <ol>
            {#each option.steps as step, i (i)}<li>
                <LinkedText parts={step} craftId={view.craftId} />
              </li>{/each}
          </ol>
          <dl>
            {#each option.values as value, i (i)}
              <dt>{value.what}</dt>
              <dd class="reading">{value.before} → <strong>{value.after}</strong></dd>
            {/each}
          </dl>
          {#if option.paste}<PasteText text={option.paste} />{/if}
          <button
            class={i === 0 ? 'act' : 'quiet'}
            disabled={work.busy}
            onclick={() =>
              unlikely ? (confirming = option.fixId) : void work.makeFix(fix.faultId, option.fixId)}
          >
            Done this way
          </button>
        </section>
      {/each}
    </div>
    <TopView drawing={view.drawing} {pointed} label={`${view.craftId} from above, nose up`} />
  </div>
  <p>
    {#if work.fixOutOfTurn}
      <button class="plain" onclick={() => (work.fixOutOfTurn = undefined)}>Back to the checks</button>
    {:else}
      <button class="plain" onclick={() => (work.checkOn = true)}>Check further instead</button>
    {/if}
  </p>
</article>
<ReasonSheet
  open={confirming !== ''}
  title="Fix an unlikely suspect"
  text={`It is ${percent(fix.belief)} likely. Say why you fix it anyway.`}
  action="Done this way"
  onclose={() => (confirming = '')}
  ongive={(reason) => {
    const fixId = confirming;
    confirming = '';
    void work.makeFix(fix.faultId, fixId, reason);
  }}
/>

<style>
  article {
    display: grid;
    gap: 1rem;
  }

  h2 {
    font-size: 1.45rem;
  }

  .doubt {
    color: var(--doubt);
  }

  .with-drawing {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(12rem, 18rem);
    gap: 1.2rem;
    align-items: start;
  }

  .options {
    display: grid;
    gap: 1.4rem;
  }

  section {
    display: grid;
    gap: 0.5rem;
    justify-items: start;
  }

  ol {
    list-style: decimal;
    padding-left: 1.3rem;
  }

  dt {
    color: var(--soft);
  }

  .act {
    margin-top: 0.3rem;
  }

  @media (max-width: 1100px) {
    .with-drawing {
      grid-template-columns: 1fr;
    }
  }
</style>
