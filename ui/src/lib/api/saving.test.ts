import { expect, it, vi } from 'vitest';
import { Problem } from './client';
import { Saving } from './saving.svelte';

it('sends what was not acknowledged again under the same key, and the next under another', async () => {
  const saving = new Saving();
  const keys: string[] = [];
  const attempt = (answer: () => Promise<string>) =>
    saving.save((once) => {
      keys.push(once['Idempotency-Key']!);
      return answer();
    });
  expect(
    await attempt(() => Promise.reject(new Problem('It does not answer.', [], 0))),
  ).toBeUndefined();
  expect(saving.problem?.unreachable).toBe(true);
  expect(await attempt(() => Promise.resolve('kept'))).toBe('kept');
  expect(saving.problem).toBeUndefined();
  await attempt(() => Promise.resolve('kept'));
  expect(keys[1]).toBe(keys[0]);
  expect(keys[2]).not.toBe(keys[0]);
});

it('sends once while it is busy', async () => {
  const saving = new Saving();
  let taken = () => {};
  const first = saving.save(() => new Promise<string>((resolve) => (taken = () => resolve('a'))));
  expect(saving.busy).toBe(true);
  expect(await saving.save(() => Promise.resolve('b'))).toBeUndefined();
  taken();
  expect(await first).toBe('a');
  expect(saving.busy).toBe(false);
});

it('says in a sentence whatever went wrong', async () => {
  const saving = new Saving();
  const logged = vi.spyOn(console, 'error').mockImplementation(() => {});
  const mistake = new TypeError('odd');
  await saving.save(() => Promise.reject(mistake));
  expect(saving.problem?.message).toBe('This page made a mistake of its own: odd');
  expect(logged).toHaveBeenCalledWith(mistake);
});
