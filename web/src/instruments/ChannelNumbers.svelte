<script lang="ts">
  import { api, ask, type Schemas } from '../api/client';
  import { Loading } from '../shared/loading.svelte';
  import NumberField from './NumberField.svelte';
  import Paper from './Paper.svelte';

  const solved = new Loading<Schemas['ChannelAnswer']>();
  let channel = $state<number | null>(16);
  $effect(() => {
    const body = { channel: Math.round(channel ?? 0) };
    void solved.load(() => ask(api.POST('/api/instruments/channel-numbers', { body })));
  });
</script>

<Paper
  title="Channel and auxiliary numbers"
  text="The first four channels are the sticks. The FC numbers the ones after them again from 1, as auxiliary channels."
  error={solved.error}
>
  {#snippet asked()}
    <NumberField id="channel" label="Channel at the radio" bind:value={channel} />
  {/snippet}
  {#snippet answer()}
    {#if solved.value && !solved.error}
      <p class="big">
        {#if solved.value.auxiliary !== undefined}Channel {solved.value.channel} is auxiliary
          <span class="reading">{solved.value.auxiliary}</span>{:else}Channel {solved.value.channel} is a stick{/if}
      </p>
      <ul>
        {#each solved.value.formats as one (one.format)}
          <li>
            <a href={`/handbook/${one.page}`}>{one.format}</a> carries {one.channels} channels: {one.carries
              ? 'it comes through'
              : 'it never arrives'}
          </li>
        {/each}
      </ul>
    {/if}
  {/snippet}
</Paper>

<style>
  .big {
    font-size: 1.3rem;
  }

  li {
    border-bottom: 1px solid var(--rule);
    padding: 0.3rem 0;
  }
</style>
