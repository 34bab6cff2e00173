import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { AtBench, type Job, type Told } from './atBench.svelte';
import { byThirds } from './fates';
import { andTimer, lastRings, left, ringsAfter } from './waits';

const put = vi.hoisted(() => vi.fn());
vi.mock('openapi-fetch', () => ({ default: () => ({ PUT: put, use: vi.fn() }) }));

const NOTHING = {
  at: null,
  done: [],
  skipped: [],
  looks: {},
  tally: { counts: {}, byEye: false },
  pot: null,
  mix: [],
  moisture: null,
  timers: [],
  minutes: null,
  well: '',
  badly: '',
} as unknown as Told;

function job(version: number, told: Told = NOTHING): Job {
  const steps = ['TAG', 'LOOK', 'LEVEL', 'FILL', 'TELL'].map((task) => ({ task, state: 'OPEN' }));
  return { uid: 'one', version, told, steps } as unknown as Job;
}

let stored: Record<string, string> = {};

interface Asked {
  params: { query: { version: number } };
  body: Told;
}
const bodies = () => put.mock.calls.map(([, each]) => (each as Asked).body);
const asked = () => put.mock.calls.map(([, each]) => (each as Asked).params.query.version);

beforeEach(() => {
  stored = {};
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored[key] ?? null,
    setItem: (key: string, value: string) => (stored[key] = value),
    removeItem: (key: string) => delete stored[key],
  });
  put.mockImplementation((_path: string, { params, body }: Asked) =>
    Promise.resolve({ data: job(params.query.version + 1, body), response: new Response() }),
  );
});

afterEach(() => {
  vi.unstubAllGlobals();
  put.mockReset();
});

test('what is tapped is shown at once, and sent with the version that was answered last', async () => {
  const bench = new AtBench(job(1));
  bench.count('FIRM_KEPT', 1);
  bench.count('FIRM_KEPT', 1);
  bench.count('SOFT', 1);
  expect(bench.told.tally.counts).toEqual({ FIRM_KEPT: 2, SOFT: 1 });
  expect(bench.waiting).toBe(true);
  const kept = await bench.settled();
  expect(kept?.told.tally.counts).toEqual({ FIRM_KEPT: 2, SOFT: 1 });
  expect(asked()).toEqual([1, 2]);
  expect(stored).toEqual({});
});

test('what the program did not take waits in the browser, and is sent when it is opened again', async () => {
  const bench = new AtBench(job(4));
  put.mockRejectedValueOnce(new TypeError('away')).mockRejectedValueOnce(new TypeError('away'));
  bench.tell({ well: 'came out whole' });
  expect(await bench.settled()).toBeUndefined();
  expect(bench.problem?.unreachable).toBe(true);
  const again = new AtBench(job(4));
  expect(again.told.well).toBe('came out whole');
  expect((await again.settled())?.told.well).toBe('came out whole');
});

test('what was told of an older version does not go over what was told elsewhere since', () => {
  stored['almanac.job.one'] = JSON.stringify({ version: 3, told: { ...NOTHING, well: 'old' } });
  expect(new AtBench(job(5)).told.well).toBe('');
  expect(put).not.toHaveBeenCalled();
});

test('what was told while an answer was on its way goes on top of it after the page was left', async () => {
  const bench = new AtBench(job(1));
  put.mockImplementationOnce((_path: string, { body }: Asked) =>
    Promise.resolve({ data: job(2, body), response: new Response() }),
  );
  put.mockRejectedValue(new TypeError('away'));
  bench.go(1);
  bench.count('FIRM_KEPT', 2);
  await bench.settled();
  const reloaded = new AtBench(job(2, bodies()[0]));
  expect(reloaded.told.tally.counts).toEqual({ FIRM_KEPT: 2 });
});

test('what was told on top of something taken without an answer is not lost', () => {
  const bench = new AtBench(job(1));
  put.mockRejectedValue(new TypeError('away'));
  bench.count('FIRM_KEPT', 1);
  const taken = bodies()[0]!;
  bench.count('FIRM_KEPT', 1);
  const reloaded = new AtBench(job(2, taken));
  expect(reloaded.told.tally.counts).toEqual({ FIRM_KEPT: 2 });
  expect(new AtBench(job(2)).told.tally.counts).toEqual({});
});

test('a step that is done or passed over leads to the next, and can be gone back to', async () => {
  const bench = new AtBench(job(1));
  bench.done();
  expect(bench.step.task).toBe('LOOK');
  bench.skip();
  expect([bench.state('TAG'), bench.state('LOOK')]).toEqual(['DONE', 'SKIPPED']);
  bench.go(1);
  bench.done();
  expect(bench.state('LOOK')).toBe('DONE');
  expect(bench.told.skipped).toEqual([]);
  await bench.settled();
});

test('a timer that has rung is gone once somebody goes on, one that runs is not', async () => {
  const past = { task: 'TAG', rings: '2020-01-01T00:00:00Z' };
  const told = { ...NOTHING, timers: [past] } as unknown as Told;
  const bench = new AtBench(job(1, told));
  bench.tell({ timers: andTimer(bench.told.timers, 'LOOK', 15, '', Date.now()) });
  bench.done();
  expect(bench.told.timers.map(({ task }) => task)).toEqual(['LOOK']);
  await bench.settled();
});

test('the fill is begun again from the level', async () => {
  const bench = new AtBench(job(1));
  for (let i = 0; i < 4; i++) bench.done();
  expect(bench.last).toBe(true);
  bench.fillAgain();
  expect(bench.step.task).toBe('LEVEL');
  expect(bench.told.done).toEqual(['TAG', 'LOOK']);
  await bench.settled();
});

test('a count does not fall below nothing', async () => {
  const bench = new AtBench(job(1));
  bench.count('HOLLOW', -1);
  expect(bench.told.tally.counts).toEqual({ HOLLOW: 0 });
  await bench.settled();
});

test('a mass is parted by thirds without losing a root', () => {
  for (const about of [20, 40, 100])
    for (const third of [0, 1, 2, 3]) {
      const { met, rest } = byThirds(about, third);
      expect(met + rest).toBe(about);
    }
  expect(byThirds(40, 1)).toEqual({ met: 13, rest: 27 });
});

test('what is left of a wait is read off the clock', () => {
  const now = Date.parse('2027-05-15T10:00:00Z');
  const rings = ringsAfter(15, now);
  expect(rings).toBe('2027-05-15T10:15:00.000Z');
  expect(left(rings, now)).toBe('15:00');
  expect(left(rings, now + 895_500)).toBe('0:05');
  expect(left(ringsAfter(180, now), now)).toBe('3:00:00');
  expect(left(rings, now + 900_000)).toBeUndefined();
});

test('timers run side by side, each named, or one after the other', () => {
  const now = Date.parse('2027-05-15T10:00:00Z');
  expect(lastRings([], now)).toBe(now);
  const soaking = andTimer([], 'SOAK', 10, '', now);
  const drawn = andTimer(soaking, 'SOAK', 15, ' infusion ', now);
  const all = andTimer(drawn, 'SOAK', 10, 'air', lastRings(soaking, now));
  expect(all).toEqual([
    { task: 'SOAK', rings: '2027-05-15T10:10:00.000Z', name: null },
    { task: 'SOAK', rings: '2027-05-15T10:15:00.000Z', name: 'infusion' },
    { task: 'SOAK', rings: '2027-05-15T10:20:00.000Z', name: 'air' },
  ]);
});
