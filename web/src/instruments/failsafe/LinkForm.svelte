<script lang="ts">
  import { RECEIVERS, STAGES, type FailsafeState } from './failsafe.svelte';
  import Slide from './Slide.svelte';

  /** What receiver and FC do when the link is lost. */
  let { work }: { work: FailsafeState } = $props();

  let lost = $derived(work.lost);
</script>

<div class="field">
  <label for="receiver">When the link is lost, the receiver</label>
  <select id="receiver" class="entry" bind:value={lost.receiver}>
    {#each RECEIVERS as [id, label] (id)}<option value={id}>{label}</option>{/each}
  </select>
</div>
{#if lost.receiver === 'PRESETS'}
  <label class="tick alone"
    ><input type="checkbox" bind:checked={lost.presetArm} /> its failsafe values keep the arm switch on</label
  >
  <Slide
    id="presetThrottle"
    label="throttle of the failsafe values"
    unit="%"
    most={100}
    bind:value={lost.presetThrottle}
  />
{/if}
<Slide
  id="noticeS"
  label="the receiver notices after"
  unit="s"
  most={3}
  step={0.1}
  bind:value={lost.noticeS}
/>
<Slide id="detectS" label="the FC notices after" unit="s" most={2} step={0.1} bind:value={lost.detectS} />
<Slide id="guardS" label="guard time" unit="s" most={10} step={0.1} bind:value={lost.guardS} />
<div class="field">
  <label for="stage">Then</label>
  <select id="stage" class="entry" bind:value={lost.afterGuardTime}>
    {#each STAGES as [id, label] (id)}<option value={id}>{label}</option>{/each}
  </select>
</div>
<div class="field">
  <label for="other">Compare with</label>
  <select id="other" class="entry" bind:value={work.other}>
    <option value="">none</option>
    {#each STAGES.filter(([id]) => id !== lost.afterGuardTime) as [id, label] (id)}<option value={id}
        >{label}</option
      >{/each}
  </select>
</div>
<Slide id="landingThrottle" label="landing throttle" unit="%" most={100} bind:value={lost.landingThrottle} />
<Slide id="landingS" label="landing ends after" unit="s" least={1} most={120} bind:value={lost.landingS} />
