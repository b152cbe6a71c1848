<script lang="ts">
  import type { Schemas } from '../api/client';

  type Sightings = Schemas['MotorSightings'];
  /** Shape of the frame and spin convention. */
  let {
    shape = $bindable(),
    convention = $bindable()
  }: { shape: Sightings['shape']; convention: Sightings['convention'] } = $props();
</script>

<div class="pair">
  <div class="field">
    <label for="shape">Frame</label>
    <select id="shape" class="entry" bind:value={shape}>
      <option value="X">X</option>
      <option value="STRETCHED">stretched or H</option>
      <option value="PLUS">plus</option>
    </select>
  </div>
  <div class="field">
    <label for="school">Spin convention</label>
    <select id="school" class="entry" bind:value={convention}>
      <option value="INWARD">props in</option>
      <option value="OUTWARD">props out</option>
    </select>
  </div>
</div>

<style>
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.7rem 1rem;
  }
</style>
