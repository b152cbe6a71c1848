<script lang="ts">
  import type { Schemas } from '../../api/client';

  /** The safest settings of a craft, and which it has otherwise. */
  let { safe }: { safe: Schemas['SafestView'] } = $props();
</script>

<h2>The safest settings: {safe.convention}</h2>
{#if safe.cannot}<p class="caution">{safe.cannot}</p>{/if}
<table>
  <tbody>
    {#each safe.settings as one (one.settingId)}
      <tr>
        <th scope="row">{one.label}</th>
        <td class="figure" class:differs={one.differs}
          >{one.safest}{#if one.differs}<span class="small now">now {one.now}</span>{/if}</td
        >
        <td class="small">{one.why}</td>
      </tr>
    {/each}
  </tbody>
</table>

<style>
  th {
    text-align: left;
    font-weight: 400;
  }

  th,
  td {
    padding: 0.35rem 0.9rem 0.35rem 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
  }

  .differs {
    font-weight: 700;
  }

  .now {
    display: block;
  }
</style>
