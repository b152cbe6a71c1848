import { render, screen } from '@testing-library/svelte';
import { expect, it } from 'vitest';
import BeliefBar from './BeliefBar.svelte';

it('shows a belief in words and as a figure, not by colour alone', () => {
  render(BeliefBar, { belief: 0.7, word: 'likely' });
  expect(screen.getByText('likely')).toBeTruthy();
  expect(screen.getByText('70%')).toBeTruthy();
});
