import { answerKeys } from '../shared/answer/answer.svelte';
import type { Key } from '../shared/keys.svelte';
import { RESERVED, type WorkUpState } from './state.svelte';

/** What of a work-up's screen its keys open. */
interface Opens {
  press: (key: string) => void;
  fix: () => void;
  why: () => void;
  others: () => void;
  own: () => void;
  close: () => void;
}

/** The keys of a work-up. */
export function workUpKeys(work: () => WorkUpState, opens: Opens): Key[] {
  return [
    ...answerKeys('Choose an outcome by its key', opens.press, RESERVED),
    { key: 'Escape', label: 'Leave the field, so that letters are keys again', run: () => {} },
    { key: 'Enter', label: 'Record', run: () => void work().record() },
    { key: 'd', label: 'How sure: sure, fairly, doubtful', run: () => work().nextSureness() },
    { key: 'b', label: 'The bench is ready', run: () => void work().benchReady() },
    { key: 'u', label: 'Undo the last entry', run: () => void work().takeBackLast() },
    { key: 's', label: 'Put this check aside', run: () => void work().skip() },
    { key: 'w', label: 'Why: what speaks for each suspect', run: opens.why },
    { key: 'o', label: 'Another check, out of turn', run: opens.others },
    { key: 't', label: 'Own suspicion or own test', run: opens.own },
    { key: 'f', label: 'How to fix the leading suspect', run: opens.fix },
    { key: 'c', label: 'Close the work-up', run: opens.close },
    {
      key: 'g c',
      label: "Go to the craft's chart",
      run: () => document.getElementById('to-chart')?.click()
    }
  ];
}
