import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Problem } from './client';
import { Trying } from './trying.svelte';

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

test('while somebody types nothing is asked', async () => {
  const trying = new Trying<string>(200);
  const asked = vi.fn(() => Promise.resolve('slip'));
  for (let key = 0; key < 5; key++) {
    const letGo = trying.ask(asked);
    await vi.advanceTimersByTimeAsync(150);
    if (key < 4) letGo!();
  }
  expect(asked).not.toHaveBeenCalled();
  await vi.advanceTimersByTimeAsync(50);
  expect(asked).toHaveBeenCalledOnce();
  expect(trying.answer).toBe('slip');
});

test('an answer that comes after a newer one is forgotten', async () => {
  const trying = new Trying<string>(10);
  let slow!: (answer: string) => void;
  trying.ask(() => new Promise<string>((done) => (slow = done)));
  await vi.advanceTimersByTimeAsync(10);
  trying.ask(() => Promise.resolve('new'));
  await vi.advanceTimersByTimeAsync(10);
  slow('old');
  await vi.advanceTimersByTimeAsync(0);
  expect(trying.answer).toBe('new');
});

test('what cannot be answered says why, until something can', async () => {
  const trying = new Trying<string>(10);
  trying.ask(() => Promise.reject(new Problem('A root is no leaf.')));
  await vi.advanceTimersByTimeAsync(10);
  expect(trying.problem?.message).toBe('A root is no leaf.');
  expect(trying.answer).toBeUndefined();
  trying.ask(() => Promise.resolve('slip'));
  await vi.advanceTimersByTimeAsync(10);
  expect(trying.problem).toBeUndefined();
});

test('asking for nothing lets go of everything, also of what is on its way', async () => {
  const trying = new Trying<string>(10);
  trying.ask(() => Promise.resolve('slip'));
  await vi.advanceTimersByTimeAsync(10);
  expect(trying.answer).toBe('slip');
  let late!: (answer: string) => void;
  trying.ask(() => new Promise<string>((done) => (late = done)));
  await vi.advanceTimersByTimeAsync(10);
  trying.ask(undefined);
  late('late');
  await vi.advanceTimersByTimeAsync(0);
  expect(trying.answer).toBeUndefined();
});
