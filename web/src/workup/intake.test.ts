import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, chart, last, server } from '../testing/server';
import Intake from './Intake.svelte';

const { params, gone } = vi.hoisted(() => ({ params: {} as Record<string, string>, gone: [] as unknown[] }));
vi.mock('sv-router', () => ({ searchParams: { get: (key: string) => params[key] } }));
vi.mock('../navigation', () => ({ navigate: (...to: unknown[]) => gone.push(to) }));
vi.mock('../api/client', async (original) =>
  (await import('../testing/server')).standIn(await original<object>())
);

const outcomes = (...ids: string[]) => ids.map((id) => ({ id, label: id.replace('-', ' ') }));
const complaints = [
  {
    id: 'take-off',
    label: 'It flips',
    place: { kind: 'EDGES', question: 'edge', corners: [] },
    questions: [
      { id: 'manner', text: 'What did it do?', outcomes: outcomes('flips', 'spins') },
      {
        id: 'edge',
        text: 'Which edge dropped?',
        outcomes: outcomes(
          'front',
          'front-right',
          'right',
          'rear-right',
          'rear',
          'rear-left',
          'left',
          'front-left',
          'none'
        )
      }
    ]
  },
  {
    id: 'voltage',
    label: 'The voltage reads wrong',
    place: { kind: 'NOWHERE', corners: [] },
    questions: [
      { id: 'seen', text: 'What does it show?', outcomes: outcomes('low', 'high') },
      {
        id: 'shown',
        text: 'voltage shown',
        outcomes: [],
        scale: { quantity: 'voltage', unit: 'V', example: '15.2 V', words: [] }
      }
    ]
  }
];

const answers = {
  '/api/choices': { occasions: [{ id: 'CRASH', label: 'a crash' }] },
  '/api/crafts': [{ craftId: 'TERN', name: 'small' }],
  '/api/crafts/{craftId}': chart(),
  '/api/crafts/{craftId}/complaints': complaints,
  '/api/crafts/{craftId}/seen-before': [
    {
      checkId: 'arrow',
      title: 'Find the arrow on the board',
      questions: [{ id: 'seen', text: 'Where does it point?', outcomes: outcomes('forward', 'to-the-left') }]
    },
    {
      checkId: 'shown-full',
      title: 'Compare what is shown with the meter',
      told: { quantity: 'meter reading', unit: 'V', example: '16.4 V', words: [] },
      questions: [
        {
          id: 'seen',
          text: 'what it shows',
          outcomes: [],
          scale: { quantity: 'voltage', unit: 'V', example: '16 V', words: [] }
        }
      ]
    }
  ],
  '/api/work-ups': { id: 7 }
};

async function opened(more: Record<string, string> = {}): Promise<HTMLButtonElement> {
  Object.assign(params, { craft: 'TERN', kind: '' }, more);
  render(Intake);
  await waitFor(() => screen.getByText('The voltage reads wrong'));
  await fireEvent.input(screen.getByLabelText("Complaint, in the owner's words"), {
    target: { value: 'reads low' }
  });
  await fireEvent.change(screen.getByLabelText('Since it last flew right'), { target: { value: 'CRASH' } });
  return screen.getByRole<HTMLButtonElement>('button', { name: 'Start the work-up' });
}

describe('the intake', () => {
  beforeEach(() => {
    gone.length = 0;
    begin(answers);
  });

  it('takes no sort of complaint for granted', async () => {
    const start = await opened();
    expect(screen.getByLabelText<HTMLInputElement>('It flips').checked).toBe(false);
    expect(start.disabled).toBe(true);
    await fireEvent.click(screen.getByLabelText('It flips'));
    expect(start.disabled).toBe(false);
  });

  it('asks words and numbers each in its own way, and sends what was answered and nothing else', async () => {
    const start = await opened({ kind: 'voltage' });
    await fireEvent.click(screen.getByLabelText('low'));
    await fireEvent.input(screen.getByLabelText('Voltage shown'), { target: { value: '12.1 V' } });
    await fireEvent.click(start);
    await waitFor(() => expect(gone).toHaveLength(1));
    expect(last('POST')?.body).toEqual({
      craftId: 'TERN',
      kind: 'voltage',
      complaint: 'reads low',
      occasion: 'CRASH',
      seen: { seen: 'low' },
      numbers: { shown: '12.1 V' },
      before: []
    });
    expect(gone[0]).toEqual(['/work-ups/:id', { params: { id: '7' } }]);
  });

  it('puts the question of the edges on the drawing, and takes an answer back', async () => {
    const start = await opened({ kind: 'take-off' });
    const sector = screen.getByRole('radio', { name: 'front right' });
    await fireEvent.click(sector);
    await fireEvent.click(screen.getByLabelText('flips'));
    await fireEvent.click(screen.getByLabelText('none dropped'));
    await fireEvent.click(start);
    await waitFor(() =>
      expect(last('POST')?.body).toMatchObject({ seen: { manner: 'flips', edge: 'none' } })
    );
  });

  it('forgets what was seen when it turns out to be about something else', async () => {
    const start = await opened({ kind: 'voltage' });
    await fireEvent.click(screen.getByLabelText('low'));
    await fireEvent.click(screen.getByLabelText('It flips'));
    await fireEvent.click(start);
    await waitFor(() =>
      expect(last('POST')?.body).toMatchObject({ kind: 'take-off', seen: {}, numbers: {} })
    );
  });

  it('takes what was found out before as the answers of checks, found by a few letters', async () => {
    const start = await opened({ kind: 'take-off' });
    const find = await waitFor(() => screen.getByLabelText('Find it by a few letters'));
    await fireEvent.input(find, { target: { value: 'left' } });
    await fireEvent.click(await screen.findByText('Find the arrow on the board'));
    await fireEvent.click(screen.getByLabelText('to the-left'));
    await fireEvent.input(find, { target: { value: 'meter shown' } });
    await fireEvent.keyDown(find, { key: 'Enter' });
    await fireEvent.input(screen.getByLabelText('First, the meter reading'), { target: { value: '16.2' } });
    await fireEvent.input(screen.getByLabelText('What it shows'), { target: { value: '12 V' } });
    await fireEvent.input(find, { target: { value: 'zebra' } });
    expect(screen.getByText(/No check covers that/)).toBeTruthy();
    await fireEvent.click(start);
    await waitFor(() =>
      expect(last('POST')?.body).toMatchObject({
        before: [
          { checkId: 'arrow', outcomes: { seen: 'to-the-left' }, numbers: {} },
          { checkId: 'shown-full', outcomes: {}, numbers: { seen: '12 V' }, told: '16.2' }
        ]
      })
    );
  });

  it('leaves out again what was put in, and what nothing was answered of', async () => {
    const start = await opened({ kind: 'take-off' });
    const find = await waitFor(() => screen.getByLabelText('Find it by a few letters'));
    await fireEvent.input(find, { target: { value: 'arrow' } });
    await fireEvent.keyDown(find, { key: 'Enter' });
    await fireEvent.click(screen.getByText('Leave it out'));
    expect(screen.queryByText('Where does it point?')).toBeNull();
    await fireEvent.input(find, { target: { value: 'arrow' } });
    await fireEvent.keyDown(find, { key: 'Enter' });
    await fireEvent.click(start);
    await waitFor(() => expect(last('POST')?.body).toMatchObject({ before: [] }));
  });

  it('says a refusal in the words of the server and stays', async () => {
    const start = await opened({ kind: 'voltage' });
    server.refusal = 'TERN has an open work-up already.';
    await fireEvent.click(start);
    await waitFor(() => screen.getByText('TERN has an open work-up already.'));
    expect(gone).toHaveLength(0);
  });

  it('sends somebody without a craft to enter one', async () => {
    begin({ ...answers, '/api/crafts': [] });
    Object.assign(params, { craft: '', kind: '' });
    render(Intake);
    const link = await waitFor(() =>
      screen.getByRole<HTMLAnchorElement>('link', { name: 'Enter the first craft' })
    );
    expect(link.getAttribute('href')).toBe('/new-craft');
  });
});
