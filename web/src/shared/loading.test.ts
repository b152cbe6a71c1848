import { expect, it } from 'vitest';
import { Loading } from './loading.svelte';

it('keeps the answer to the last question, in whatever order the answers come', async () => {
  const loading = new Loading<string>();
  let answerFirst: (value: string) => void = () => {};
  const first = loading.load(() => new Promise((resolve) => (answerFirst = resolve)));
  await loading.load(async () => 'second');
  answerFirst('first');
  await first;
  expect(loading.value).toBe('second');
});

it('keeps what was there and says what went wrong', async () => {
  const loading = new Loading<string>();
  await loading.load(async () => 'there');
  await loading.load(async () => {
    throw new Error('no such craft');
  });
  expect(loading.value).toBe('there');
  expect(loading.error).toBe('no such craft');
});
