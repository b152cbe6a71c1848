import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import LinkedText from './LinkedText.svelte';
import { leadsTo } from './linked';

const words = (text: string): Schemas['TextPart'] => ({ text });

describe('a part of a text', () => {
  it.each([
    ['INSTRUMENT', 'motor-map', '/instruments/motor-map'],
    ['PAGE', 'radio-off', '/handbook/radio-off'],
    ['CHECK', 'radio-off', '/handbook/radio-off'],
    ['PART', 'RX', undefined],
    ['PAD', 'RX.TX', '/crafts/KITE%202/wiring?pad=RX.TX'],
    ['WIRE', 'FC.5V>RX.5V', '/crafts/KITE%202/wiring?pad=FC.5V'],
    ['SETTING', 'stick-order', '/crafts/KITE%202/configuration?setting=stick-order'],
    ['UART', '2', undefined]
  ] as const)('%s %s leads to %s', (kind, id, to) => {
    expect(leadsTo({ kind, id, text: 'x' }, 'KITE 2')).toBe(to);
  });

  it('of a craft leads nowhere where no craft is named, and words never do', () => {
    expect(leadsTo({ kind: 'PAD', id: 'RX.TX', text: 'TX' })).toBeUndefined();
    expect(leadsTo(words('TX'), 'KITE')).toBeUndefined();
  });

  it('is shown as written, what quotes something too', () => {
    const { container } = render(LinkedText, {
      parts: [
        words('“Motor map”, or '),
        { kind: 'INSTRUMENT', id: 'motor-map', text: 'Motor map' },
        words('.')
      ]
    });
    expect(container.textContent?.trim()).toBe('“Motor map”, or Motor map.');
    expect(screen.getAllByRole('link')).toHaveLength(1);
  });
});
