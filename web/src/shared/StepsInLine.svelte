<script lang="ts">
  import type { Schemas } from '../api/client';
  import LinkedText from './LinkedText.svelte';

  /** The steps of a check, one behind the other. */
  let { steps, craftId }: { steps: Schemas['TextPart'][][]; craftId?: string } = $props();
</script>

<p>
  {#each steps as step, i (i)}{i > 0 ? ' ' : ''}<LinkedText parts={step} {craftId} />{/each}
</p>
