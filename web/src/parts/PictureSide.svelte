<script lang="ts">
  import type { PartTypeState } from './partType.svelte';

  /** What a part or a board does with the picture: its place on the way, its pads, its powers. */
  let { work }: { work: PartTypeState } = $props();

  const roles = [
    { id: '', label: 'nothing' },
    { id: 'CAMERA', label: 'makes it: camera' },
    { id: 'OVERLAY', label: 'draws figures into it' },
    { id: 'TRANSMITTER', label: 'sends it: transmitter' },
    { id: 'AIR_UNIT', label: 'digital air unit with its camera' }
  ] as const;
  let picture = $derived(work.partType.picture);
  let takes = $derived(picture?.role === 'OVERLAY' || picture?.role === 'TRANSMITTER');
  let gives = $derived(picture?.role === 'OVERLAY' || picture?.role === 'CAMERA');
  let sends = $derived(picture?.role === 'TRANSMITTER' || picture?.role === 'AIR_UNIT');

  function powers(text: string): void {
    if (work.partType.picture) {
      work.partType.picture.milliwatts = text
        .split(/[^0-9]+/)
        .filter((one) => one !== '')
        .map(Number);
    }
  }
</script>

{#if work.partType.kind === 'PART' || work.partType.kind === 'BOARD'}
  <h2>Video</h2>
  <div class="line">
    <div class="field">
      <label for="picture-role">what it does with video</label>
      <select
        id="picture-role"
        class="entry"
        value={picture?.role ?? ''}
        onchange={(event) => work.shows(roles.find((one) => one.id === event.currentTarget.value)?.id ?? '')}
      >
        {#each roles as role (role.id)}<option value={role.id}>{role.label}</option>{/each}
      </select>
    </div>
    {#if picture && takes}
      <div class="field">
        <label for="picture-takes">takes it on</label>
        <select id="picture-takes" class="entry" bind:value={picture.takes}>
          {#each work.videoPads as name (name)}<option value={name}>{name}</option>{/each}
        </select>
      </div>
    {/if}
    {#if picture && gives}
      <div class="field">
        <label for="picture-gives">gives it on</label>
        <select id="picture-gives" class="entry" bind:value={picture.gives}>
          {#each work.videoPads as name (name)}<option value={name}>{name}</option>{/each}
        </select>
      </div>
    {/if}
    {#if picture && sends}
      <div class="field">
        <label for="picture-powers">powers, mW</label>
        <input
          id="picture-powers"
          class="entry"
          value={picture.milliwatts.join(', ')}
          onchange={(event) => powers(event.currentTarget.value)}
        />
      </div>
    {/if}
  </div>
  {#if picture && picture.role !== 'AIR_UNIT' && work.videoPads.length === 0}
    <p class="small">First mark the pads that carry video.</p>
  {/if}
{/if}

<style>
  .line {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
  }
</style>
