import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { halvesFirst } from './halves';
import { seenOnSides } from './seen';
import { mean, reach, spreadOf } from './spread';

type Side = Schemas['TrialPlant']['side'];

const plant = (plantId: number, side: Side, pair = 0): Schemas['TrialPlant'] => ({
  plantId,
  name: `Plant ${plantId}`,
  placeName: 'East sill',
  side,
  pair,
  left: null,
  cameOf: [],
});
const text = (words: string): Schemas['Part'] => ({
  text: words,
  value: null,
  measure: null,
  day: null,
});
const row = (plantId: number, value: number | null, words: string[] = []): Schemas['TrialRow'] => ({
  plantId,
  value,
  before: value === null ? null : value - 10,
  seen: words.map((each, i) => ({
    on: `2027-05-0${i + 1}`,
    words: [text(each)],
    measured: null,
  })),
});
const page = (plants: Schemas['TrialPlant'][]) =>
  ({ plants, trial: { others: 'The others' } }) as Schemas['TrialPage'];
const look = (...rows: Schemas['TrialRow'][]) => ({ rows }) as Schemas['TrialLook'];

describe('what was measured on both sides', () => {
  it('stands on the side of its plant, and what was not measured stands nowhere', () => {
    const spread = spreadOf(
      page([plant(1, 'TRIED'), plant(2, 'TRIED'), plant(3, 'AGAINST')]),
      look(row(1, 60), row(2, null), row(3, 50)),
    );
    expect(spread.tried).toEqual([{ plantId: 1, value: 60 }]);
    expect(spread.against).toEqual([{ plantId: 3, value: 50 }]);
    expect(spread.pairs).toEqual([]);
  });

  it('is joined by the pairs, in whatever order they stand', () => {
    const spread = spreadOf(
      page([
        plant(1, 'TRIED', 1),
        plant(2, 'TRIED', 2),
        plant(4, 'AGAINST', 2),
        plant(3, 'AGAINST', 1),
      ]),
      look(row(1, 60), row(2, 80), row(3, 50), row(4, null)),
    );
    expect(spread.pairs).toEqual([{ tried: 60, against: 50 }]);
  });

  it('is held against the years before where nobody stands on the other side', () => {
    const spread = spreadOf(page([plant(1, 'TRIED')]), look(row(1, 60)));
    expect(spread.against).toEqual([{ plantId: 1, value: 50 }]);
    expect(spread.pairs).toEqual([{ tried: 60, against: 50 }]);
  });

  it('leaves room at both ends, of a single value too', () => {
    const alone = spreadOf(page([plant(1, 'TRIED')]), look({ ...row(1, 60), before: null }));
    const [from, to] = reach(alone);
    expect(from).toBeLessThan(60);
    expect(to).toBeGreaterThan(60);
    expect(mean(alone.tried)).toBe(60);
    expect(mean(alone.against)).toBeUndefined();
  });
});

it('what was seen is counted on each side, the newest look of each plant', () => {
  const sides = seenOnSides(
    page([plant(1, 'TRIED'), plant(2, 'TRIED'), plant(3, 'AGAINST'), plant(4, 'AGAINST')]),
    look(
      row(1, null, ['limp', 'firm']),
      row(2, null, ['firm']),
      row(3, null, ['limp']),
      row(4, null),
    ),
    '2027-05-15',
  );
  expect(sides).toEqual([
    { head: 'Tried', seen: [{ words: 'firm', plants: 2 }] },
    { head: 'The others', seen: [{ words: 'limp', plants: 1 }] },
  ]);
});

it('pieces of the same plant are proposed first as its other half', () => {
  const plants = [
    { id: 1, name: 'Vanda Kite String' },
    { id: 2, name: 'Brassia Balance Beam (24-021)' },
    { id: 3, name: 'Brassia Balance Beam (27-002)' },
    { id: 4, name: 'Brassia Balance' },
  ];
  expect(halvesFirst(plants, 3).map(({ id }) => id)).toEqual([2, 1, 4]);
});
