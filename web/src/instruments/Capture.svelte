<script lang="ts">
  import type { Schemas } from '../api/client';
  import Choice from '../shared/Choice.svelte';
  import DropFile from '../shared/DropFile.svelte';
  import Notice from '../shared/Notice.svelte';
  import ChannelBars from './ChannelBars.svelte';
  import LineStrip from './LineStrip.svelte';
  import MadeUp from './MadeUp.svelte';
  import { CaptureState, lasting } from './capture.svelte';

  const work = new CaptureState();

  const weights: Record<Schemas['Verdict']['weight'], string> = {
    HARMS: 'harms',
    FAULT: 'fault',
    DOUBT: 'mind',
    SOUND: 'sound'
  };
  let tells = $derived(work.answer?.tells);
</script>

<svelte:head><title>Capture – Able Medic</title></svelte:head>

<section class="page">
  <h1>Capture</h1>
  <p class="small">
    What an analyser or an oscilloscope recorded on a pad: changes of levels (VCD), a table of times and
    levels or volts (CSV), raw bytes, or bytes as hexadecimal text.
  </p>
  <div class="top">
    <DropFile label="Drop the file here" tall onfile={(file) => void work.drop(file, file.name)} />
    <MadeUp onmade={(file, name) => void work.drop(file, name)} />
  </div>
  <div aria-live="polite" class="answer">
    {#if work.share !== null}
      <p>
        Reading {work.name}: {(100 * work.share).toFixed(0)} %
        <button class="plain" type="button" onclick={() => work.stop()}>Stop</button>
      </p>
    {/if}
    <Notice text={work.error} />
    {#if work.answer && (work.answer.signals.length > 1 || !tells)}
      <div class="signals">
        <h2>{tells ? 'Signal' : 'It holds several signals. Which one?'}</h2>
        <div class="choices">
          {#each work.answer.signals as name (name)}
            <Choice label={name} chosen={work.signal === name} onchoose={() => void work.choose(name)} />
          {/each}
        </div>
      </div>
    {/if}
    {#if tells}
      <h2>{work.name}</h2>
      <ul class="verdicts">
        {#each tells.verdicts as verdict, i (i)}
          <li class={verdict.weight.toLowerCase()}><span>{weights[verdict.weight]}</span> {verdict.text}</li>
        {/each}
      </ul>
      <LineStrip {tells} />
      <div class="facts">
        <dl>
          <dt>Recorded</dt>
          <dd>
            {tells.form}{tells.durationS > 0 ? `, ${lasting(tells.durationS)}, ${tells.edges} changes` : ''}
          </dd>
          {#if tells.idlesHigh !== undefined}<dt>Idles</dt>
            <dd>{tells.idlesHigh ? 'high' : 'low'}</dd>{/if}
          {#if tells.volts}<dt>Levels</dt>
            <dd class="figure">{tells.volts.low.toFixed(2)} V and {tells.volts.high.toFixed(2)} V</dd>{/if}
          {#if tells.serial}
            <dt>Bit</dt>
            <dd class="figure">{lasting(1 / tells.serial.baud)}</dd>
            <dt>Rate</dt>
            <dd class="figure">{tells.serial.baud.toFixed(0)} baud, {tells.serial.framing}</dd>
            <dt>Bytes</dt>
            <dd class="figure">
              {tells.serial.bytes}{tells.serial.wrongBytes > 0 ? `, ${tells.serial.wrongBytes} wrong` : ''}
            </dd>
          {/if}
        </dl>
        {#if tells.carried}
          <dl>
            <dt>Format</dt>
            <dd><a href={`/handbook/${tells.carried.page}`}>{tells.carried.format}</a></dd>
            <dt>Frames</dt>
            <dd class="figure">
              {tells.carried.good} sound{tells.carried.bad > 0 ? `, ${tells.carried.bad} broken` : ''}
            </dd>
            {#if tells.carried.ratePerS > 0}<dt>One every</dt>
              <dd class="figure">{lasting(1 / tells.carried.ratePerS)}</dd>{/if}
            {#each tells.carried.said as said, i (i)}<dt></dt>
              <dd>{said}</dd>{/each}
          </dl>
        {/if}
      </div>
      {#if tells.carried && tells.carried.channels.length > 0}
        <h2>Channels</h2>
        <ChannelBars channels={tells.carried.channels} />
      {/if}
    {/if}
  </div>
</section>

<style>
  .top {
    display: grid;
    grid-template-columns: 1fr 1.4fr;
    gap: 2rem;
    margin: 1rem 0;
    align-items: stretch;
  }

  .answer {
    display: grid;
    gap: 0.9rem;
  }

  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }

  .verdicts li {
    display: grid;
    grid-template-columns: 4.5rem 1fr;
    border-left: 4px solid var(--rule);
    padding: 0.25rem 0.8rem;
    margin: 0.2rem 0;
  }

  .verdicts span {
    color: var(--soft);
  }

  .verdicts .harms,
  .verdicts .fault {
    border-color: var(--danger);
  }

  .verdicts .harms {
    background: var(--danger-tint);
    font-weight: 700;
  }

  .verdicts .doubt {
    border-color: var(--doubt-fill);
  }

  .verdicts .sound {
    border-color: var(--act);
  }

  .facts {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0 2.5rem;
  }

  dl {
    display: grid;
    grid-template-columns: 7rem 1fr;
    align-content: start;
  }

  dt,
  dd {
    border-bottom: 1px solid var(--rule);
    padding: 0.3rem 0;
  }

  dt {
    color: var(--soft);
  }

  @media (max-width: 820px) {
    .top,
    .facts {
      grid-template-columns: 1fr;
    }
  }
</style>
