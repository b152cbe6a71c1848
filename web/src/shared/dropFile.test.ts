import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import DropFile from './DropFile.svelte';

describe('a place to drop a file on', () => {
  const file = new File(['x'], 'pad.vcd');

  function placed(): { got: File[]; place: HTMLElement } {
    const got: File[] = [];
    render(DropFile, { label: 'Drop it here', onfile: (one: File) => got.push(one) });
    return { got, place: screen.getByText('Drop it here, or').closest('label')! };
  }

  it('shows that it would take what is held over it, and takes it', async () => {
    const { got, place } = placed();
    await fireEvent.dragOver(place);
    expect(place.classList.contains('over')).toBe(true);
    await fireEvent.drop(place, { dataTransfer: { files: [file] } });
    expect(place.classList.contains('over')).toBe(false);
    expect(got).toEqual([file]);
  });

  it('takes nothing where text is dropped, or what was held is taken away', async () => {
    const { got, place } = placed();
    await fireEvent.dragOver(place);
    await fireEvent.dragLeave(place);
    expect(place.classList.contains('over')).toBe(false);
    await fireEvent.drop(place, { dataTransfer: { files: [] } });
    expect(got).toEqual([]);
  });

  it('takes the file that was chosen', async () => {
    const { got, place } = placed();
    await fireEvent.change(place.querySelector('input')!, { target: { files: [file] } });
    expect(got).toEqual([file]);
  });
});
