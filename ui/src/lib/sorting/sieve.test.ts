import { expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import {
  dateOf,
  kindsOf,
  mostUrgentFirst,
  moveOf,
  nextMoveFirst,
  ofPile,
  open,
  sieved,
  sievedGone,
  sinceOf,
} from './sieve';

type Plant = Schemas['PlantLine'];

function plant(id: number, more: Partial<Plant>): Plant {
  return {
    id,
    number: String(id),
    name: `Plant ${id}`,
    kind: 'vanda',
    kindName: 'Vanda',
    placeId: 1,
    placeName: 'Sill',
    title: 'Leave',
    verdict: 'LEAVE',
    approach: null,
    asideOn: null,
    turn: 10,
    need: 0,
    ...more,
  } as Plant;
}
const LOCK = plant(1, {
  name: 'Lock Gate',
  verdict: 'RESCUE',
  title: 'Rescue',
  turn: 0,
  need: 100,
});
const WEIR = plant(2, { name: 'Weir', placeId: 2, placeName: 'Lit shelf', asideOn: '2027-05-01' });
const TOW = plant(3, { name: 'Towpath', kind: 'oncidium', kindName: 'Oncidium', need: 20 });
const PLANTS = [WEIR, TOW, LOCK];

const ids = (plants: { id: number }[]) => plants.map(({ id }) => id);

test('the most urgent stand first, then those with more need, then by number', () => {
  expect(ids(mostUrgentFirst(PLANTS))).toEqual([1, 3, 2]);
});

test('those whose next move is nearest stand first, and none in sight last', () => {
  const moved = (one: Plant, likely: string | null) =>
    ({
      ...one,
      nextMove: likely && { from: likely, likely, to: likely, when: 'nubs show' },
    }) as Plant;
  const plants = [moved(LOCK, null), moved(TOW, '2028-05-01'), moved(WEIR, '2027-06-01')];
  expect(ids(nextMoveFirst(plants))).toEqual([2, 3, 1]);
  expect(plants.map((one) => moveOf(one, '2027-05-15'))).toEqual([
    'no move in sight',
    'about 1 May 2028',
    'about 1 Jun',
  ]);
});

test('a plant says since when it is asked for, unless that began today', () => {
  expect(sinceOf({ since: '2027-04-02' }, '2027-05-15')).toBe(' · since 2 Apr');
  expect(sinceOf({ since: '2027-05-15' }, '2027-05-15')).toBe('');
  expect(sinceOf({ since: null }, '2027-05-15')).toBe('');
});

test('plants are found by name, number, kind, place and verdict', () => {
  const by = (sought: string) => ids(sieved(PLANTS, { ...open(), sought }));
  expect(by(' lock')).toEqual([1]);
  expect(by('lit SHELF')).toEqual([2]);
  expect(by('oncid')).toEqual([3]);
  expect(by('rescue')).toEqual([1]);
  expect(by('')).toEqual([2, 3, 1]);
  expect(by('orange')).toEqual([]);
});

test('what is chosen besides holds too', () => {
  expect(ids(sieved(PLANTS, { ...open(), place: '2' }))).toEqual([2]);
  expect(ids(sieved(PLANTS, { ...open(), kind: 'vanda' }))).toEqual([2, 1]);
  expect(ids(sieved(PLANTS, { ...open(), asideOnly: true }))).toEqual([2]);
  expect(ids(sieved(PLANTS, { ...open(), asideOnly: true, sought: 'lock' }))).toEqual([]);
  expect(ids(sieved(PLANTS, { ...open(), approach: 'FRESH_START' }))).toEqual([]);
});

test('a pile holds its verdicts, and no pile holds all', () => {
  expect(ids(ofPile(PLANTS, 'now'))).toEqual([1]);
  expect(ids(ofPile(PLANTS, 'leave'))).toEqual([2, 3]);
  expect(ofPile(PLANTS, '')).toEqual(PLANTS);
});

test('kinds stand by their names, each once', () => {
  expect(kindsOf(PLANTS)).toEqual([
    ['oncidium', 'Oncidium'],
    ['vanda', 'Vanda'],
  ]);
});

test('those that are gone are found by what became of them', () => {
  const gone = [
    { id: 8, number: '8', name: 'Quay', kindName: 'Vanda', statusWords: 'lost', reason: 'frost' },
  ] as Schemas['GonePlant'][];
  expect(ids(sievedGone(gone, 'FROST'))).toEqual([8]);
  expect(sievedGone(gone, 'rot')).toEqual([]);
});

test('each has one date', () => {
  const when = (more: object) => ({
    kind: 'OPEN',
    from: null,
    likely: null,
    to: null,
    waitFor: [],
    ...more,
  });
  const date = (more: object, check?: object) =>
    dateOf({ when: when(more), nextCheck: check ?? null } as unknown as Plant, '2027-05-15');
  expect(date({ kind: 'NOW', to: '2027-05-15' })).toBe('today');
  expect(date({ kind: 'WAIT_FOR', likely: '2027-06-01', to: '2027-07-01' })).toBe('about 1 Jun');
  expect(date({ kind: 'BY', to: '2027-06-01' })).toBe('by 1 Jun');
  expect(date({ kind: 'BY', to: '2027-05-01' })).toBe('late since 1 May');
  expect(date({ kind: 'BETWEEN', to: '2027-06-01' })).toBe('until 1 Jun');
  expect(date({}, { best: '2027-08-01' })).toBe('look 1 Aug');
  expect(date({})).toBe('');
});
