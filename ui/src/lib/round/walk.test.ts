import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';

let kept: Map<string, string>;

/** The round as it is after the page was loaded. */
async function loaded() {
  vi.resetModules();
  return (await import('./walk.svelte')).round;
}

const along = {
  items: ['leaves', 'newRoots'],
  stops: [{ plantId: 3 }, { plantId: 9 }],
} as unknown as Schemas['Round'];

beforeEach(() => {
  kept = new Map();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
});

afterEach(() => {
  vi.unstubAllGlobals();
});

test('a round begins at its first plant with nothing tapped', async () => {
  const round = await loaded();
  expect(round.now).toBeUndefined();
  round.start('East sill', along);
  expect(round.now).toMatchObject({ title: 'East sill', at: 0, looks: {}, left: {}, taps: 0 });
  expect(round.now!.stops.map((stop) => stop.plantId)).toEqual([3, 9]);
});

test('after a reload it goes on where it was, with what was tapped', async () => {
  const before = await loaded();
  before.start('East sill', along);
  before.now!.at = 1;
  before.now!.left[3] = 'passed';
  before.now!.looks['leaves'] = { answers: ['FIRM'], measured: '' };
  before.store();
  const after = await loaded();
  expect(after.now).toMatchObject({
    at: 1,
    left: { 3: 'passed' },
    looks: { leaves: { answers: ['FIRM'] } },
  });
});

const ROOTS = [
  { item: 'newRoots', measure: { words: 'longest', unit: 'mm' } },
] as unknown as Schemas['LookChoice'][];

test('a length that was tapped in mm is the same one in inches', async () => {
  const before = await loaded();
  before.start('East sill', along);
  before.now!.looks['newRoots'] = { answers: [], measured: '84' };
  before.store();
  const after = await loaded();
  const { units } = await import('$lib/words/units.svelte');
  units.length = 'INCH';
  after.retype(ROOTS);
  expect(after.now!.looks['newRoots']!.measured).toBe('3.31');
  after.retype(ROOTS);
  expect(after.now!.looks['newRoots']!.measured).toBe('3.31');
});

test('a round that was ended is not there after a reload', async () => {
  const round = await loaded();
  round.start('East sill', along);
  round.store();
  round.end();
  round.store();
  expect((await loaded()).now).toBeUndefined();
});

test('what somebody else has written into the browser is no round', async () => {
  kept.set('almanac.round', '{not json');
  expect((await loaded()).now).toBeUndefined();
});
