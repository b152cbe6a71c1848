<script lang="ts">
  import Notice from '../shared/Notice.svelte';
  import type { OpenedFor } from './craft.svelte';
  import { IntoWorkUp, type Finding } from './intoWorkUp.svelte';

  /** One button that enters what an instrument found out into the open work-up of its craft. */
  let { opened, finding, what }: { opened: OpenedFor; finding: Finding | undefined; what: string } = $props();

  const into = new IntoWorkUp();
  let open = $derived(opened.chart.value?.workUps.find((one) => one.open));
  let done = $derived(into.entered !== '' && into.entered === JSON.stringify(finding));
</script>

{#if open && finding}
  <div>
    <Notice text={into.error} />
    {#if done}
      <p>Entered. <a href={`/work-ups/${open.id}`}>To work-up {open.id}</a></p>
    {:else}
      <button class="act" disabled={into.busy} onclick={() => void into.enter(open.id, finding)}>
        Enter {what} into work-up {open.id}
      </button>
      {#if into.error}<a href={`/work-ups/${open.id}`}>To work-up {open.id}</a>{/if}
    {/if}
  </div>
{/if}

<style>
  div {
    display: grid;
    gap: 0.5rem;
    justify-items: start;
    margin-top: 0.6rem;
  }
</style>
