import type { QueryClient } from '@tanstack/svelte-query';
import { beforeEach, expect, test, vi } from 'vitest';

const put = vi.fn();
vi.mock('openapi-fetch', () => ({ default: () => ({ PUT: put, use: vi.fn() }) }));
const saved = vi.fn();
const failed = vi.fn();
vi.mock('$lib/shell/toaster', () => ({ saved, failed }));

const invalidateQueries = vi.fn(() => Promise.resolve());
const client = { invalidateQueries } as unknown as QueryClient;
const NOW = { 1: [10, 11], 2: [20] };
const PLANT = { id: 10, name: 'Lock Gate' };

beforeEach(() => vi.clearAllMocks());

test('a plant is shown where it was put while it is sent, and then as the program has it', async () => {
  const { Standing } = await import('./standing.svelte');
  const standing = new Standing(client);
  let answer!: (taken: unknown) => void;
  put.mockReturnValue(new Promise((resolve) => (answer = resolve)));
  const putting = standing.put(NOW, PLANT, 2, 1);
  expect(standing.order).toEqual({ 1: [11], 2: [20, 10] });
  expect(standing.sent).toBe(10);
  answer({ data: { act: 'a', plants: [10] }, response: new Response() });
  expect(await putting).toBe(true);
  expect(put.mock.calls[0]![1].body).toEqual({ plants: [20, 10] });
  expect(saved).toHaveBeenCalledWith(client, 'Lock Gate moved', { act: 'a', plants: [10] });
  expect(standing.order).toBeUndefined();
  expect(standing.sent).toBeUndefined();
});

test('one that cannot stand there goes back, and that is said', async () => {
  const { Standing } = await import('./standing.svelte');
  const standing = new Standing(client);
  put.mockResolvedValue({
    error: { detail: 'There is no such place.' },
    response: new Response(null, { status: 404 }),
  });
  expect(await standing.put(NOW, PLANT, 2, 0)).toBe(false);
  expect(failed.mock.calls[0]![0].message).toBe('There is no such place.');
  expect(saved).not.toHaveBeenCalled();
  expect(standing.order).toBeUndefined();
  expect(invalidateQueries).toHaveBeenCalledWith({ queryKey: ['plants'] });
});
