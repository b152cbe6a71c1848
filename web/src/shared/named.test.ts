import { render, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import Said from './Said.svelte';
import { pieces } from './named';

const { asked } = vi.hoisted(() => ({ asked: [] as string[] }));

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: (path: string) => {
      asked.push(path);
      return {
        data: [
          { title: 'Settings', instruments: [{ id: 'version-search', title: 'Which version broke it' }] }
        ],
        response: new Response()
      };
    }
  }
}));

const pages = { 'Read here': '/instruments/read-here' };

describe('texts that name an instrument', () => {
  it('are taken apart without losing a letter', () => {
    for (const text of [
      '',
      'plain',
      '“Read here”',
      'see “Read here” and “Read here”.',
      '“Read',
      'a “b” c “Read here',
      '””“Read here”“'
    ]) {
      expect(
        pieces(text, pages)
          .map((piece) => piece.text)
          .join('')
      ).toBe(text);
    }
  });

  it('lead to it, and only what has a page leads anywhere', () => {
    expect(pieces('see “Read here”, not “Home”', pages)).toEqual([
      { text: 'see “' },
      { text: 'Read here', to: '/instruments/read-here' },
      { text: '”, not “Home”' }
    ]);
  });

  it('ask for the titles once, and not for a text that names nothing', async () => {
    render(Said, { text: 'Nothing is named' });
    expect(asked).toEqual([]);
    render(Said, { text: 'Try “Which version broke it” first' });
    render(Said, { text: '“Which version broke it”' });
    await waitFor(() =>
      expect(screen.getAllByRole('link', { name: 'Which version broke it' })).toHaveLength(2)
    );
    expect(asked).toEqual(['/api/instruments']);
    expect(screen.getAllByRole('link')[0]!.getAttribute('href')).toBe('/instruments/version-search');
  });
});
