<script lang="ts">
  import NumberEntry from '../../shared/NumberEntry.svelte';
  import type { FailsafeState } from './failsafe.svelte';
  import Slide from './Slide.svelte';

  /** Where the craft is when the link is lost, and what it knows of the way home. */
  let { work }: { work: FailsafeState } = $props();

  let lost = $derived(work.lost);
</script>

<label class="tick alone"><input type="checkbox" bind:checked={lost.home.fix} /> it has a fix</label>
<label class="tick alone"><input type="checkbox" bind:checked={lost.home.homeSet} /> home was set</label>
<label class="tick alone"
  ><input type="checkbox" bind:checked={lost.home.levelSound} /> level is calibrated</label
>
{#if lost.afterGuardTime === 'RETURN_HOME'}
  <div class="field">
    <label for="satellites">Satellites seen</label>
    <NumberEntry whole id="satellites" class="entry reading" bind:value={lost.home.satellites} />
  </div>
  <div class="field">
    <label for="climb">It climbs first to, m</label>
    <NumberEntry unit="m" id="climb" class="entry reading" bind:value={lost.home.climbToM} />
  </div>
  <div class="field">
    <label for="least">Nearer than this it lands, m</label>
    <NumberEntry unit="m" id="least" class="entry reading" bind:value={lost.home.leastM} />
  </div>
  <div class="field">
    <label for="north">Compass error, °</label>
    <NumberEntry unit="°" id="north" class="entry reading" bind:value={lost.home.compassDeg} />
  </div>
{/if}
<Slide id="speedMs" label="speed" unit="m/s" most={40} bind:value={lost.speedMs} />
<Slide id="heightM" label="height" unit="m" least={1} most={120} bind:value={lost.heightM} />
<Slide id="windMs" label="wind from home" unit="m/s" most={20} bind:value={lost.windMs} />
<Slide id="distanceM" label="distance from home" unit="m" most={500} step={5} bind:value={lost.distanceM} />
<div class="field">
  <label for="back">The link is back after, s</label>
  <NumberEntry unit="s" id="back" class="entry reading" bind:value={work.back} placeholder="never" />
</div>
