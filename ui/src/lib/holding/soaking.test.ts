import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Soaking } from './soaking.svelte';

const AN_HOUR = 60;

beforeEach(() => {
  vi.useFakeTimers();
  const kept = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

test('the clock runs down and rings once', () => {
  const soak = new Soaking(6, () => AN_HOUR);
  expect(soak.left).toBeUndefined();
  soak.start();
  expect(soak.clock).toBe('60:00');
  vi.advanceTimersByTime(59 * 60_000 + 55_000);
  expect(soak.tick()).toBe(false);
  expect(soak.clock).toBe('0:05');
  vi.advanceTimersByTime(6_000);
  expect(soak.tick()).toBe(true);
  expect(soak.left).toBe(0);
  vi.advanceTimersByTime(1_000);
  expect(soak.tick()).toBe(false);
});

test('it goes on over a reload, for its own plant', () => {
  new Soaking(6, () => AN_HOUR).start();
  vi.advanceTimersByTime(10 * 60_000);
  const reloaded = new Soaking(6, () => AN_HOUR);
  reloaded.tick();
  expect(reloaded.clock).toBe('50:00');
  expect(new Soaking(7, () => AN_HOUR).left).toBeUndefined();
});

test('once it was read there is no clock any more', () => {
  const soak = new Soaking(6, () => AN_HOUR);
  soak.start();
  soak.end();
  expect(soak.left).toBeUndefined();
  expect(new Soaking(6, () => AN_HOUR).left).toBeUndefined();
});
