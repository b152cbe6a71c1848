<script lang="ts">
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import { sentence } from '../shared/words';

  type Asked = Schemas['HandMotions'];
  type Motion = 'RIGHT_DOWN' | 'LEFT_DOWN' | 'NOSE_UP' | 'NOSE_DOWN' | 'NOSE_RIGHT' | 'NOSE_LEFT';
  /** What the computer draws while the craft is moved by hand. */
  let {
    picture = $bindable(),
    lie = $bindable(),
    seen = $bindable()
  }: {
    picture: Asked['picture'];
    lie: Asked['lie'];
    seen: Record<string, Motion | ''>;
  } = $props();

  const hands: Motion[] = ['RIGHT_DOWN', 'NOSE_DOWN', 'NOSE_RIGHT'];
  const motions: { id: Motion; label: string }[] = [
    { id: 'RIGHT_DOWN', label: 'right side down' },
    { id: 'LEFT_DOWN', label: 'left side down' },
    { id: 'NOSE_UP', label: 'nose up' },
    { id: 'NOSE_DOWN', label: 'nose down' },
    { id: 'NOSE_RIGHT', label: 'nose to the right' },
    { id: 'NOSE_LEFT', label: 'nose to the left' }
  ];
  const pictures = [
    { id: 'ATTITUDE', label: 'a craft that tilts and turns' },
    { id: 'RATES', label: 'bars or curves that swing while it is moved' }
  ] as const;
  const lies = [
    { id: 'LEVEL', label: 'level' },
    { id: 'OVER', label: 'on its back' },
    { id: 'RIGHT_DOWN', label: 'right side down' },
    { id: 'LEFT_DOWN', label: 'left side down' },
    { id: 'NOSE_UP', label: 'nose up' },
    { id: 'NOSE_DOWN', label: 'nose down' }
  ] as const;
</script>

<h2>By hand</h2>
<fieldset>
  <legend>The computer shows</legend>
  {#each pictures as one (one.id)}
    <Choice label={one.label} chosen={picture === one.id} onchoose={() => (picture = one.id)} />
  {/each}
</fieldset>
{#if picture === 'ATTITUDE'}
  <fieldset>
    <legend>With the craft flat, the drawn one is</legend>
    {#each lies as one (one.id)}
      <Choice
        label={one.label}
        chosen={lie === one.id}
        onchoose={() => (lie = lie === one.id ? undefined : one.id)}
      />
    {/each}
  </fieldset>
{/if}
{#each picture ? hands : [] as hand (hand)}
  <fieldset>
    <legend>{sentence(motions.find((m) => m.id === hand)!.label)}: it goes</legend>
    {#each motions as motion (motion.id)}
      <Choice
        label={motion.label}
        chosen={seen[hand] === motion.id}
        onchoose={() => (seen = { ...seen, [hand]: seen[hand] === motion.id ? '' : motion.id })}
      />
    {/each}
  </fieldset>
{/each}

<style>
  fieldset {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.35rem;
    margin-bottom: 0.8rem;
  }

  legend {
    margin-bottom: 0.3rem;
    font-weight: 700;
  }
</style>
