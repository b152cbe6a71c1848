<script lang="ts">
  import type { Schemas } from '../api/client';
  import { percent } from '../shared/words';

  /** What each leading suspect predicts of the check. */
  let { predictions }: { predictions: Schemas['Prediction'][] } = $props();
</script>

<table>
  <caption>What each suspect predicts</caption>
  <thead>
    <tr
      ><th scope="col">If it is</th><th scope="col">it shows</th><th scope="col" class="right">likely</th></tr
    >
  </thead>
  <tbody>
    {#each predictions as prediction (prediction.suspect)}
      <tr>
        <td>{prediction.suspect}</td>
        <td>
          {#each prediction.outcomes as outcome, i (outcome.label)}{i > 0 ? ', or ' : ''}<strong
              >{outcome.label}</strong
            >{/each}
        </td>
        <td class="right figure">{percent(prediction.belief)}</td>
      </tr>
    {/each}
  </tbody>
</table>

<style>
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 1rem;
    line-height: 1.3;
  }

  caption {
    text-align: left;
    font-weight: 700;
    font-size: 1.05rem;
    padding-bottom: 0.3rem;
  }

  th {
    text-align: left;
    font-weight: 400;
    color: var(--soft);
  }

  td,
  th {
    padding: 0.3rem 0.6rem 0.3rem 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
  }

  .right {
    text-align: right;
    white-space: nowrap;
  }
</style>
