import type { QueryClient } from '@tanstack/svelte-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';

const post = vi.fn();
const put = vi.fn();
const takeBack = vi.fn();
vi.mock('openapi-fetch', () => ({ default: () => ({ POST: post, PUT: put, use: vi.fn() }) }));
vi.mock('$lib/api/queries', () => ({ keep: vi.fn() }));
vi.mock('$lib/shell/toaster', () => ({ takeBack }));

const client = {} as QueryClient;
const body = { on: '2027-05-16', looks: {} } as unknown as Schemas['NewInspection'];
const look = { kind: 'LOOK', body } as const;
const taken = (act: string) => ({ data: { act }, response: new Response() });
const refusal = (status: number, detail: string) => ({
  error: { detail },
  response: new Response(null, { status }),
});
const gone = () => Promise.reject(new TypeError('no connection'));

let kept: Map<string, string>;

/** The outbox as it is after the page was loaded. */
async function loaded() {
  vi.resetModules();
  return (await import('./outbox.svelte')).outbox;
}

function sentKeys(): string[] {
  return post.mock.calls.map(([, asked]) => asked.headers['Idempotency-Key'] as string);
}

beforeEach(() => {
  kept = new Map();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
  vi.useFakeTimers();
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.clearAllMocks();
  post.mockReset();
  put.mockReset();
});

describe('looks on their way', () => {
  it('go out in the order in which they were taken', async () => {
    const outbox = await loaded();
    post.mockResolvedValueOnce(taken('first')).mockResolvedValueOnce(taken('second'));
    const first = outbox.put(client, 1, 'Lock Gate', look);
    const second = outbox.put(client, 2, 'Towpath', look);
    await vi.waitFor(() => expect(outbox.letters).toHaveLength(0));
    expect(sentKeys()).toEqual([first, second]);
    expect(outbox.arrived.map((each) => each.act)).toEqual(['first', 'second']);
  });

  it('wait while the program does not answer, and go again under the same key', async () => {
    const outbox = await loaded();
    post.mockImplementationOnce(gone).mockResolvedValueOnce(taken('first'));
    const key = outbox.put(client, 1, 'Lock Gate', look);
    await vi.waitFor(() => expect(outbox.held).toContain('does not answer'));
    expect(outbox.letters).toHaveLength(1);
    expect(outbox.has(key)).toBe(false);
    await vi.runAllTimersAsync();
    expect(outbox.held).toBeUndefined();
    expect(outbox.has(key)).toBe(true);
    expect(outbox.letters).toHaveLength(0);
    expect(sentKeys()).toEqual([key, key]);
  });

  it('outlive a reload of the page', async () => {
    const before = await loaded();
    post.mockImplementationOnce(gone);
    const key = before.put(client, 1, 'Lock Gate', look);
    await vi.waitFor(() => expect(before.held).toBeDefined());
    vi.clearAllTimers();
    const after = await loaded();
    expect(after.letters.map((letter) => letter.key)).toEqual([key]);
    post.mockResolvedValueOnce(taken('first'));
    await after.send(client);
    expect(after.letters).toHaveLength(0);
    expect(JSON.parse(kept.get('almanac.outbox')!)).toEqual([]);
  });

  it('begin empty where what was kept cannot be read', async () => {
    kept.set('almanac.outbox', '[{"key":');
    expect((await loaded()).letters).toEqual([]);
  });

  it('wait too while something goes wrong inside the program', async () => {
    const outbox = await loaded();
    post.mockResolvedValueOnce(refusal(500, 'A fault.')).mockResolvedValueOnce(taken('first'));
    const key = outbox.put(client, 1, 'Lock Gate', look);
    await vi.waitFor(() => expect(outbox.held).toBe('A fault.'));
    expect(outbox.waiting.map((letter) => letter.key)).toEqual([key]);
    await vi.runAllTimersAsync();
    expect(sentKeys()).toEqual([key, key]);
    expect(outbox.has(key)).toBe(true);
  });

  it('wait while the page itself makes a mistake, which is logged', async () => {
    const outbox = await loaded();
    const logged = vi.spyOn(console, 'error').mockImplementation(() => {});
    post
      .mockImplementationOnce(() => {
        throw new TypeError('x is not a function');
      })
      .mockResolvedValueOnce(taken('first'));
    const key = outbox.put(client, 1, 'Lock Gate', look);
    await vi.waitFor(() => expect(outbox.held).toContain('mistake of its own'));
    expect(outbox.waiting.map((letter) => letter.key)).toEqual([key]);
    expect(logged).toHaveBeenCalled();
    await vi.runAllTimersAsync();
    expect(outbox.has(key)).toBe(true);
  });

  it('stay where the browser keeps nothing, as long as the window does', async () => {
    const outbox = await loaded();
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError');
      },
      removeItem: () => {},
    });
    post.mockImplementationOnce(gone).mockResolvedValue(taken('first'));
    const first = outbox.put(client, 1, 'Lock Gate', look);
    const second = outbox.put(client, 2, 'Towpath', look);
    await vi.waitFor(() => expect(outbox.held).toBeDefined());
    expect(outbox.waiting.map((letter) => letter.key)).toEqual([first, second]);
    await vi.runAllTimersAsync();
    expect(outbox.waiting).toEqual([]);
  });

  it('are seen by another window, and neither forgets what the other keeps', async () => {
    const one = await loaded();
    post.mockImplementation(gone);
    const first = one.put(client, 1, 'Lock Gate', look);
    const other = await loaded();
    const second = other.put(client, 2, 'Towpath', look);
    const third = one.put(client, 3, 'Weir', look);
    other.refresh();
    expect(other.letters.map((letter) => letter.key)).toEqual([first, second, third]);
    expect(JSON.parse(kept.get('almanac.outbox')!)).toHaveLength(3);
  });

  it('stay here with the sentence when the program refuses them, and the next goes on', async () => {
    const outbox = await loaded();
    post
      .mockResolvedValueOnce(refusal(400, 'The look lies before the arrival.'))
      .mockResolvedValueOnce(taken('second'));
    const key = outbox.put(client, 1, 'Lock Gate', look);
    outbox.put(client, 2, 'Towpath', look);
    await vi.waitFor(() => expect(outbox.waiting).toHaveLength(0));
    expect(outbox.arrived.map((each) => each.plantId)).toEqual([2]);
    const after = await loaded();
    expect(after.refused.map(({ name, refused }) => [name, refused])).toEqual([
      ['Lock Gate', 'The look lies before the arrival.'],
    ]);
    expect(after.has(key)).toBe(false);
    post.mockResolvedValueOnce(taken('third'));
    after.again(client, key);
    await vi.waitFor(() => expect(after.has(key)).toBe(true));
    expect(after.letters).toEqual([]);
  });
});

describe('other acts', () => {
  it('go the same way, in turn with the looks', async () => {
    const outbox = await loaded();
    const order: string[] = [];
    post.mockImplementation((path: string) => {
      order.push(path);
      return Promise.resolve(taken('look'));
    });
    put.mockImplementation((path: string, { body: sent }: { body: unknown }) => {
      order.push(`${path} ${JSON.stringify(sent)}`);
      return Promise.resolve({ data: { act: 'aside', plants: [2] }, response: new Response() });
    });
    outbox.put(client, 1, 'Lock Gate', look);
    const key = outbox.put(client, 2, 'Towpath', {
      kind: 'ASIDE',
      body: { plants: [2], aside: true },
    });
    await vi.waitFor(() => expect(outbox.letters).toHaveLength(0));
    expect(order).toEqual([
      '/api/plants/{id}/inspections',
      '/api/aside {"plants":[2],"aside":true}',
    ]);
    expect(outbox.has(key)).toBe(true);
  });

  it('leave looks readable that were kept before there were others', async () => {
    kept.set(
      'almanac.outbox',
      JSON.stringify([{ key: 'old-key-1', plantId: 1, name: 'Lock Gate', body }]),
    );
    const outbox = await loaded();
    post.mockResolvedValueOnce(taken('first'));
    await outbox.send(client);
    expect(post.mock.calls[0]![1].body).toEqual(body);
    expect(sentKeys()).toEqual(['old-key-1']);
    expect(outbox.has('old-key-1')).toBe(true);
  });
});

describe('a look that is recalled', () => {
  it('is never sent when it was still waiting', async () => {
    const outbox = await loaded();
    post.mockImplementationOnce(gone);
    const key = outbox.put(client, 1, 'Lock Gate', look);
    await vi.waitFor(() => expect(outbox.held).toBeDefined());
    expect(outbox.recall(key)).toBe(true);
    await vi.runAllTimersAsync();
    expect(post).toHaveBeenCalledTimes(1);
    expect(JSON.parse(kept.get('almanac.outbox')!)).toEqual([]);
  });

  it('is taken back when it was on its way', async () => {
    const outbox = await loaded();
    let arrive: (answer: unknown) => void = () => {};
    post.mockReturnValueOnce(new Promise((resolve) => (arrive = resolve)));
    const key = outbox.put(client, 1, 'Lock Gate', look);
    expect(outbox.recall(key)).toBe(true);
    arrive(taken('first'));
    await vi.waitFor(() => expect(takeBack).toHaveBeenCalledWith(client, 'first'));
    expect(outbox.arrived).toEqual([]);
  });

  it('is left to its withdrawal when it has arrived', async () => {
    const outbox = await loaded();
    post.mockResolvedValueOnce(taken('first'));
    const key = outbox.put(client, 1, 'Lock Gate', look);
    await vi.waitFor(() => expect(outbox.arrived).toHaveLength(1));
    expect(outbox.recall(key)).toBe(false);
    expect(takeBack).not.toHaveBeenCalled();
  });
});
