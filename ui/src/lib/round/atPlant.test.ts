import type { QueryClient } from '@tanstack/svelte-query';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import type { Walk } from './walk.svelte';

const post = vi.fn();
const put = vi.fn();
vi.mock('openapi-fetch', () => ({ default: () => ({ POST: post, PUT: put, use: vi.fn() }) }));
const takeBack = vi.fn();
vi.mock('$lib/shell/toaster', () => ({ takeBack }));
vi.mock('$lib/api/queries', () => ({ keep: vi.fn() }));

const client = {} as QueryClient;
const CHOICES = [
  {
    item: 'leaves',
    title: 'Leaves',
    inPassing: true,
    measure: null,
    answers: [{ answer: 'FIRM' }],
  },
  {
    item: 'newRoots',
    title: 'Newest roots',
    inPassing: false,
    measure: { unit: 'mm' },
    answers: [],
  },
] as unknown as Schemas['LookChoice'][];
const PLANT = {
  id: 6,
  today: '2027-05-15',
  slip: { verdict: 'LEAVE', stale: ['newRoots'] },
  checks: [
    { id: 'OWN.1', byLooking: false, urgency: 'DUE', ticks: [{ answer: 'AS_HOPED' }] },
    { id: 'OWN.2', byLooking: false, urgency: 'LATER', ticks: [{ answer: 'AS_HOPED' }] },
    { id: 'ROUTINE.1', byLooking: true, urgency: 'DUE', ticks: [] },
  ],
  journal: [
    { standing: 'CORRECTED', kind: 'INSPECTION', looks: { leaves: { answers: ['LIMP'] } } },
    {
      standing: 'HOLDS',
      kind: 'INSPECTION',
      looks: { leaves: { answers: ['FIRM'] }, newRoots: { answers: ['NUB'], measured: 8 } },
    },
  ],
} as unknown as Schemas['PlantPage'];

function stop(plantId: number): Schemas['Stop'] {
  return { plantId, name: `Plant ${plantId}`, asideOn: null } as Schemas['Stop'];
}

let walk: Walk;

async function here(plant: Schemas['PlantPage'] | undefined = PLANT) {
  const { AtPlant } = await import('./atPlant.svelte');
  return new AtPlant(
    () => walk,
    () => CHOICES,
    () => plant,
  );
}

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
  vi.useFakeTimers();
  vi.resetModules();
  walk = {
    title: 'East sill',
    items: ['newRoots', 'leaves', 'gone-from-the-program'],
    stops: [stop(6), stop(7)],
    at: 0,
    left: {},
    looks: {},
    taps: 0,
    startedAt: 0,
  };
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.resetAllMocks();
});

test('rows stand in the order of the round, and what the program no longer knows is left out', async () => {
  expect((await here()).shown.map(({ item }) => item)).toEqual(['newRoots', 'leaves']);
});

test('the last look that holds is the last one', async () => {
  expect((await here()).last('leaves')).toEqual({ answers: ['FIRM'] });
});

test('the same as last time is what one sees in passing, and the rest has grown old', async () => {
  const at = await here();
  at.same();
  expect(walk.looks).toEqual({
    leaves: { answers: ['FIRM'], measured: '' },
  });
  expect(at.grownOld('newRoots')).toBe(true);
  expect(at.grownOld('leaves')).toBe(false);
  expect(at.lookedAt).toBe(true);
  expect(walk.taps).toBe(1);
});

test('what a trial wants to know is asked besides, once its look is due', async () => {
  walk.items = ['leaves'];
  const onTrial = (urgency: string) =>
    ({
      ...PLANT,
      trials: [{ looks: ['leaves', 'newRoots'] }],
      checks: [{ purpose: 'TRIAL', byLooking: true, urgency, ticks: [] }],
    }) as unknown as Schemas['PlantPage'];
  const asked = async (plant: Schemas['PlantPage']) =>
    (await here(plant)).shown.map(({ item }) => item);
  expect(await asked(onTrial('LATER'))).toEqual(['leaves']);
  expect(await asked(onTrial('DUE'))).toEqual(['leaves', 'newRoots']);
  expect(await asked(PLANT)).toEqual(['leaves']);
});

test('what has grown old beside what is asked is named', async () => {
  expect((await here()).oldBesides).toEqual([]);
  walk.items = ['leaves'];
  expect((await here()).oldBesides).toEqual(['Newest roots']);
});

test('the slip follows what is tapped, and stands as it was when that is let go', async () => {
  const at = await here();
  post.mockResolvedValue({ data: { slip: { verdict: 'RESCUE' } }, response: new Response() });
  expect(at.slip?.verdict).toBe('LEAVE');
  at.set('leaves', { answers: ['LIMP'], measured: '' });
  at.judge();
  await vi.advanceTimersByTimeAsync(150);
  expect(post.mock.calls[0]![1].body.looks).toEqual({
    leaves: { answers: ['LIMP'], measured: null },
  });
  expect(at.slip?.verdict).toBe('RESCUE');
  walk.looks = {};
  at.judge();
  expect(at.slip?.verdict).toBe('LEAVE');
});

test('going on sends what was tapped, and remembers who was passed by', async () => {
  const at = await here();
  post.mockResolvedValue({ data: { act: 'a-1' }, response: new Response() });
  at.set('leaves', { answers: ['FIRM'], measured: '' });
  expect(at.next(client)).toBe(true);
  expect(walk).toMatchObject({ at: 1, looks: {} });
  expect(walk.left[6]).not.toBe('passed');
  await vi.waitFor(() => expect(post).toHaveBeenCalledOnce());
  expect(post.mock.calls[0]![1].body).toMatchObject({
    on: '2027-05-15',
    looks: { leaves: { answers: ['FIRM'], measured: null } },
  });
  at.next(client);
  expect(walk.left[7]).toBe('passed');
  expect(walk.at).toBe(2);
});

test('nobody goes on from a plant that was not looked up yet', async () => {
  const { AtPlant } = await import('./atPlant.svelte');
  const at = new AtPlant(
    () => walk,
    () => CHOICES,
    () => undefined,
  );
  expect(at.next(client)).toBe(false);
  expect(walk.at).toBe(0);
});

test('going back takes back what was written of the plant before', async () => {
  const at = await here();
  post.mockResolvedValue({ data: { act: 'a-1' }, response: new Response() });
  at.set('leaves', { answers: ['FIRM'], measured: '' });
  at.next(client);
  const { outbox } = await import('./outbox.svelte');
  await vi.waitFor(() => expect(outbox.arrived).toHaveLength(1));
  await at.undo(client);
  expect(takeBack).toHaveBeenCalledWith(client, 'a-1');
  expect(walk).toMatchObject({ at: 0, left: {} });
});

test('a plant is pulled aside and put back by the same key', async () => {
  const at = await here();
  put.mockResolvedValue({ data: { act: 'a-2', plants: [6] }, response: new Response() });
  at.pullAside(client);
  expect(walk.stops[0]!.asideOn).toBe('2027-05-15');
  at.pullAside(client);
  expect(walk.stops[0]!.asideOn).toBeNull();
  await vi.waitFor(() => expect(put).toHaveBeenCalledTimes(2));
  expect(put.mock.calls.map(([, sent]) => sent.body)).toEqual([
    { plants: [6], aside: true },
    { plants: [6], aside: false },
  ]);
});

test('what no row answers is asked as well, sent with the look, and taken back with it', async () => {
  const at = await here();
  post.mockImplementation((path: string) =>
    Promise.resolve({
      data: { act: path.endsWith('answer') ? 'a-tick' : 'a-look' },
      response: new Response(),
    }),
  );
  expect(at.asked.map(({ id }) => id)).toEqual(['OWN.1']);
  at.tick('OWN.1', 'AS_HOPED');
  at.tick('OWN.1', 'AS_HOPED');
  expect(at.answered).toBe(false);
  at.tick('OWN.1', 'NOT_AS_HOPED');
  expect(at.tickOf('OWN.1')).toBe('NOT_AS_HOPED');
  at.set('leaves', { answers: ['FIRM'], measured: '' });
  at.next(client);
  const { outbox } = await import('./outbox.svelte');
  await vi.waitFor(() => expect(outbox.arrived).toHaveLength(2));
  expect(post.mock.calls.map(([path, sent]) => [path, sent.params.path, sent.body.answer])).toEqual(
    [
      ['/api/plants/{id}/checks/{check}/answer', { id: 6, check: 'OWN.1' }, 'NOT_AS_HOPED'],
      ['/api/plants/{id}/inspections', { id: 6 }, undefined],
    ],
  );
  await at.undo(client);
  expect(takeBack.mock.calls.map(([, act]) => act)).toEqual(['a-look', 'a-tick']);
  expect(walk).toMatchObject({ at: 0, left: {}, ticked: {}, ticks: {} });
});

test('an answer without a look is no plant passed by', async () => {
  const at = await here();
  post.mockResolvedValue({ data: { act: 'a-tick' }, response: new Response() });
  at.tick('OWN.1', 'AS_HOPED');
  at.next(client);
  expect(walk.left[6]).not.toBe('passed');
  await vi.waitFor(() => expect(post).toHaveBeenCalledOnce());
  await at.undo(client);
  expect(takeBack).toHaveBeenCalledOnce();
});
