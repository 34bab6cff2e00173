import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { benchDayOf, byTheWay, whenDone } from './day';

describe('small jobs by the way', () => {
  it('stand by kind, the most wanted first', () => {
    const job = (name: string, fix: string | null, text: string) =>
      ({ name, fix, words: [{ text }] }) as unknown as Schemas['SmallJobLine'];
    expect(
      byTheWay([
        job('A', 'STAKE', 'Stake it'),
        job('B', 'TOP_UP', 'Top up'),
        job('C', 'TOP_UP', 'Top up'),
      ]),
    ).toEqual([
      { words: 'Top up', plants: '2 plants' },
      { words: 'Stake it', plants: 'A' },
    ]);
  });
});

describe('what is asked for', () => {
  const days = [
    { on: '2027-05-22', jobs: [{ plantId: 1 }, { plantId: 2 }] },
    { on: '2027-05-23', jobs: [] },
    { on: '2027-06-05', jobs: [{ plantId: 3 }] },
  ] as unknown as Schemas['DayPlanned'][];

  it('says on which bench days it will be done, and how much of it on none', () => {
    expect(whenDone([{ id: 1 }, { id: 3 }, { id: 9 }], days)).toEqual([
      { on: '2027-05-22', plants: 1 },
      { on: '2027-06-05', plants: 1 },
      { plants: 1 },
    ]);
    expect(whenDone([{ id: 2 }], days)).toEqual([{ on: '2027-05-22', plants: 1 }]);
  });

  it('knows the day of each', () => {
    expect(benchDayOf(3, days)).toBe('2027-06-05');
    expect(benchDayOf(9, days)).toBeUndefined();
  });
});
