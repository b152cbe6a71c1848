import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { RoutineState } from './state.svelte';
import StepEntry from './StepEntry.svelte';

const limiter = {
  id: 'routine-limiter',
  question: {
    id: 'seen',
    text: 'What does the limiter do?',
    outcomes: [
      { id: 'glows-dark', label: 'a glow, then dark' },
      { id: 'bright', label: 'bright, or it trips' }
    ]
  }
} as unknown as Schemas['StepView'];
const short = {
  id: 'ohms~PLUG.+~PLUG.-',
  question: { id: 'seen', text: '', outcomes: [], scale: { example: '0.4, 12k, OL or climbing', words: [] } }
} as unknown as Schemas['StepView'];

function work(...steps: Schemas['StepView'][]): RoutineState {
  const state = new RoutineState('TERN');
  state.view = { craftId: 'TERN', steps } as never;
  state.give = vi.fn();
  return state;
}

describe('a step of the routine', () => {
  it('with a number has the cursor in its field and gives an example', () => {
    render(StepEntry, { work: work(short), step: short });
    const field = screen.getByLabelText<HTMLInputElement>('What it shows');
    expect(document.activeElement).toBe(field);
    expect(field.placeholder).toBe('such as 0.4, 12k, OL or climbing');
  });

  it('cannot be recorded before it is answered', async () => {
    const state = work(short);
    render(StepEntry, { work: state, step: short });
    const record = screen.getByRole<HTMLButtonElement>('button', { name: /Record/ });
    expect(record.disabled).toBe(true);
    await fireEvent.input(screen.getByLabelText('What it shows'), { target: { value: 'climbing' } });
    expect(record.disabled).toBe(false);
    await fireEvent.click(record);
    expect(state.give).toHaveBeenCalledOnce();
  });

  it('with outcomes is answered by press or digit', async () => {
    const state = work(limiter);
    render(StepEntry, { work: state, step: limiter });
    await fireEvent.click(screen.getByRole('button', { name: '2 bright, or it trips' }));
    expect(state.answer.picks.seen).toBe('bright');
    state.press('1');
    expect(state.answer.picks.seen).toBe('glows-dark');
    state.press('9');
    expect(state.answer.picks.seen).toBe('glows-dark');
  });

  it('offers no way back from the first', () => {
    render(StepEntry, { work: work(limiter, short), step: limiter });
    expect(screen.queryByRole('button', { name: /Back one step/ })).toBeNull();
  });
});
