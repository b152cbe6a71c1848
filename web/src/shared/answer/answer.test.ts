import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import Answer from './Answer.svelte';
import { answerKeys, AnswerState, outcomeKeys, type Asked } from './answer.svelte';

function named(...ids: string[]): { id: string; label: string }[] {
  return ids.map((id) => ({ id, label: `it is ${id}` }));
}

function asking(...questions: { id: string; outcomes: { id: string; label: string }[] }[]): Asked {
  return { questions: questions.map((one) => ({ ...one, text: `what of ${one.id}` })) };
}

describe('the keys of outcomes', () => {
  it('are their places, and letters after the ninth, but for those that mean something else', () => {
    const keys = outcomeKeys(named(...Array.from({ length: 12 }, (_, i) => `way-${i}`)), 'ad');
    expect(keys.join('')).toBe('123456789bce');
  });

  it('are their own digits where they are counts, and letters for all that are none', () => {
    const uarts = named('none', '1', '2', '8', '10', '11', 'shared');
    expect(outcomeKeys(uarts, 'b')).toEqual(['a', '1', '2', '8', 'c', 'd', 'e']);
    expect(outcomeKeys(named('0', '1', '2', '3', 'more'))).toEqual(['0', '1', '2', '3', 'a']);
  });

  it('are each of one outcome only, and never a key of the frame or of the view, however many there are', () => {
    for (let count = 1; count <= 40; count++) {
      for (const counted of [false, true]) {
        const ids = Array.from({ length: count }, (_, i) => (counted ? String(i) : `way-${i}`));
        const keys = outcomeKeys(named(...ids), 'dbuswotfc').filter((key) => key !== undefined);
        expect(new Set(keys).size).toBe(keys.length);
        expect(keys.filter((key) => 'gmndbuswotfc'.includes(key))).toEqual([]);
        const may = answerKeys('', () => {}, 'dbuswotfc').map((one) => one.key);
        expect(may).toEqual(expect.arrayContaining(keys));
      }
    }
  });
});

describe('an answer', () => {
  it('takes the key that is shown, whatever it is', async () => {
    const asked = asking({ id: 'uart', outcomes: named('none', '1', '2', '9', '10', 'shared') });
    const answer = new AnswerState(() => asked, 'b');
    render(Answer, { answer, asked });
    for (const outcome of asked.questions[0]!.outcomes) {
      const button = screen.getByRole('button', { name: new RegExp(`it is ${outcome.id}$`) });
      answer.clear();
      answer.press(button.querySelector('kbd')!.textContent);
      expect(answer.picks).toEqual({ uart: outcome.id });
    }
    answer.clear();
    answer.press('7');
    expect(answer.picks).toEqual({});
  });

  it('goes on to the next of several questions, and back to one by press', () => {
    const answer = new AnswerState(() =>
      asking({ id: 'a', outcomes: named('x', 'y') }, { id: 'b', outcomes: named('x', 'y') })
    );
    answer.press('1');
    expect(answer.question?.id).toBe('b');
    expect(answer.answered && !answer.whole).toBe(true);
    answer.press('2');
    expect(answer.picks).toEqual({ a: 'x', b: 'y' });
    expect(answer.whole).toBe(true);
    answer.asking = 0;
    answer.press('1');
    expect(answer.picks).toEqual({ b: 'y' });
  });

  it('that is a number takes digits and no letters, and is whole with the number that goes along', () => {
    const scale = { unit: 'V', example: '5.0', quantity: 'voltage', words: [] };
    const answer = new AnswerState(() => ({
      questions: [{ id: 'seen', text: '', outcomes: [], scale }],
      told: scale
    }));
    for (const key of ['4', 'a', '7']) {
      answer.press(key);
    }
    expect(answer.numbers()).toEqual({ seen: '47' });
    expect(answer.whole).toBe(false);
    answer.told = '16.4';
    expect(answer.whole).toBe(true);
  });

  it('that may stay open is so until somebody saw something, and can be opened again', async () => {
    const asked = asking({ id: 'seen', outcomes: named('low', 'nothing') });
    const answer = new AnswerState(() => asked);
    render(Answer, { answer, asked, optional: true });
    const open = screen.getByLabelText<HTMLInputElement>("don't know");
    expect(open.checked).toBe(true);
    await fireEvent.click(screen.getByLabelText('it is low'));
    expect(answer.picks).toEqual({ seen: 'low' });
    await fireEvent.click(open);
    expect(answer.picks).toEqual({});
  });
});
