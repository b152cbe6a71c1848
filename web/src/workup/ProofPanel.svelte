<script lang="ts">
  import type { WorkUpState } from './state.svelte';

  /** The proof of what was put right: each test with what a sound craft gives. */
  let { work, onclose }: { work: WorkUpState; onclose: () => void } = $props();

  let proof = $derived(work.view!.proof);
  const states: Record<string, string> = { TO_DO: 'to do', PASSED: 'passed', FAILED: 'failed' };
</script>

{#if proof}
  <article>
    <h2>Prove it</h2>
    <ul>
      {#each work.view!.made as made (made.n)}<li>{made.title}</li>{/each}
    </ul>
    <table>
      <thead>
        <tr><th scope="col">Test</th><th scope="col">a sound craft gives</th><th scope="col">state</th></tr>
      </thead>
      <tbody>
        {#each proof.tests as test (test.checkId)}
          <tr class={test.state.toLowerCase()}>
            <td>{test.title}</td>
            <td
              >{#if test.waits}<span class="waits">waits: {test.waits}</span>{:else}{test.expected}{/if}</td
            >
            <td><span aria-hidden="true">{test.state === 'PASSED' ? '✓' : '–'}</span> {states[test.state]}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
    {#if proof.passes}
      <p>Every test has passed.</p>
      <button class="act" onclick={onclose}>Close as solved <kbd>c</kbd></button>
    {/if}
  </article>
{/if}

<style>
  article {
    display: grid;
    gap: 0.7rem;
    justify-items: start;
    padding-bottom: 1.2rem;
    margin-bottom: 1.2rem;
    border-bottom: 1px solid var(--rule);
  }

  ul {
    list-style: disc;
    padding-left: 1.2rem;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    font-weight: 400;
    color: var(--soft);
    text-align: left;
  }

  td,
  th {
    padding: 0.35rem 0.6rem 0.35rem 0;
    border-bottom: 1px solid var(--rule);
  }

  .waits {
    color: var(--doubt);
  }

  .passed td {
    color: var(--act);
  }

  kbd {
    background: transparent;
    color: inherit;
    border-color: currentcolor;
  }
</style>
