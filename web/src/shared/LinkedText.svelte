<script lang="ts">
  import type { Schemas } from '../api/client';
  import { leadsTo } from './linked';

  /** A text of a check or a fix; what it names is a link where there is a page for it. */
  let { parts, craftId }: { parts: Schemas['TextPart'][]; craftId?: string } = $props();
</script>

{#each parts as part, i (i)}{@const to = leadsTo(part, craftId)}{#if to}<a href={to}>{part.text}</a
    >{:else}{part.text}{/if}{/each}
