import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { daysOf, empty, mondayOf } from './week';

const line = (plantId: number, more: object) =>
  ({ plantId, phases: [], meant: null, due: null, ...more }) as unknown as Schemas['YearLine'];

describe('a week', () => {
  it('begins on the Monday, over the end of a year and over changed clocks', () => {
    expect(mondayOf('2027-05-16')).toBe('2027-05-10');
    expect(mondayOf('2027-05-10')).toBe('2027-05-10');
    expect(mondayOf('2028-01-01')).toBe('2027-12-27');
    expect(mondayOf('2027-03-28')).toBe('2027-03-22');
    expect(mondayOf('2028-03-01')).toBe('2028-02-28');
  });

  it('has on each day what falls on it', () => {
    const lines = [
      line(1, { meant: { waits: true, from: '2027-05-12', likely: '2027-05-15' } }),
      line(2, { phases: [{ kind: 'OPEN', from: '2027-05-12', until: '2027-05-14' }] }),
      line(3, { due: '2027-05-12' }),
      line(4, { due: '2027-05-11' }),
      line(5, { meant: { waits: false, from: '2027-05-11', until: '2027-05-14' } }),
      line(6, { meant: { waits: true, from: '2027-05-10', likely: '2027-05-14' } }),
    ];
    const rounds = [{ day: '2027-05-13' }] as Schemas['RoundAhead'][];
    const bench = [{ on: '2027-05-15' }] as Schemas['DayPlanned'][];
    const away = [{ from: '2027-05-16', to: '2027-05-20' }] as Schemas['AwayEntry'][];
    const days = daysOf('2027-05-10', '2027-05-11', lines, rounds, bench, away);
    expect(days.map((day) => day.opens.map(({ plantId }) => plantId))).toEqual([
      [],
      [],
      [1],
      [],
      [],
      [],
      [],
    ]);
    expect(days[4]!.closes.map(({ plantId }) => plantId)).toEqual([5]);
    expect(days[1]!.due).toEqual([]);
    expect(days[2]!.due.map(({ plantId }) => plantId)).toEqual([3]);
    expect(days[3]!.round).toBe(rounds[0]);
    expect(days[5]!.bench).toBe(bench[0]);
    expect(days.map((day) => day.away)).toEqual([false, false, false, false, false, false, true]);
    expect(days.map(empty)).toEqual([true, true, false, false, false, false, true]);
  });
});
