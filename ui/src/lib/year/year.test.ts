import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { dayNumber, isoDay, LEAST_DAYS, LEVELS, MOST_DAYS, pushed, viewOf, zoomed } from './days';
import { drawn, drawnPast, nubsLastYear, ordered, said } from './yearLines';

const TODAY = '2028-02-29';
const line = (plantId: number, more: Partial<Schemas['YearLine']> = {}) =>
  ({
    plantId,
    name: `Plant ${plantId}`,
    placeName: 'Sill',
    walk: plantId,
    opens: null,
    phases: [],
    meant: null,
    nextMove: null,
    due: null,
    spent: null,
    looks: [],
    bench: null,
    treated: null,
    ...more,
  }) as unknown as Schemas['YearLine'];

describe('days', () => {
  it('are counted over leap days and back', () => {
    expect(dayNumber('2028-03-01') - dayNumber('2028-02-28')).toBe(2);
    expect(isoDay(dayNumber(TODAY))).toBe(TODAY);
    // The nights on which clocks are changed are days like any other.
    expect(dayNumber('2028-03-27') - dayNumber('2028-03-26')).toBe(1);
  });

  it('stay where they are under the pointer when the view is zoomed', () => {
    const view = viewOf(LEVELS[1], dayNumber(TODAY));
    const about = view.from + 100;
    const near = zoomed(view, 0.5, about);
    expect((about - near.from) / near.days).toBeCloseTo((about - view.from) / view.days);
    expect(zoomed(view, 1e-6, about).days).toBe(LEAST_DAYS);
    expect(zoomed(view, 1e6, about).days).toBe(MOST_DAYS);
  });

  it('are pushed on and back by a share of what is seen', () => {
    const view = viewOf(LEVELS[2], dayNumber(TODAY));
    expect(pushed(view, 0.5)).toEqual({ from: view.from + 46, days: 92 });
    expect(pushed(pushed(view, 0.5), -0.5)).toEqual(view);
  });
});

describe('lines', () => {
  it('are sorted by what opens next, or along the walk', () => {
    const all = [
      line(1),
      line(2, { opens: '2028-05-01' }),
      line(3, { opens: '2028-03-01' }),
      line(4, { opens: '2028-03-01' }),
    ].map((each) => drawn(each, TODAY));
    expect(ordered(all, 'opens', '').map(({ id }) => id)).toEqual([3, 4, 2, 1]);
    expect(ordered(all, 'place', '').map(({ id }) => id)).toEqual([1, 2, 3, 4]);
    expect(ordered(all, 'place', 'plant 3').map(({ id }) => id)).toEqual([3]);
  });

  it('say in a sentence what is drawn', () => {
    expect(said(line(1), TODAY)).toBe('Plant 1: nothing ahead');
    expect(said(line(1, { opens: TODAY, due: '2028-06-04', bench: '2028-03-04' }), TODAY)).toBe(
      'Plant 1: takes a move now; medium due from 4 Jun; bench day 4 Mar',
    );
    const treated = { from: TODAY, until: '2028-03-14' };
    expect(said(line(1, { treated }), TODAY)).toBe(
      'Plant 1: under treatment until 14 Mar at the least',
    );
  });

  it('last to the end of their last day', () => {
    const phases = [{ kind: 'OPEN' as const, from: TODAY, until: TODAY }];
    const [phase] = drawn(line(1, { phases }), TODAY).phases;
    expect(phase!.until - phase!.from).toBe(1);
  });

  it('know when the nubs came last year', () => {
    const past = drawnPast({
      plantId: 1,
      flowers: [],
      rests: [{ from: '2027-11-01', until: '2028-02-29' }],
      treated: [],
      nubs: ['2026-05-09', '2027-05-02', '2028-02-20'],
      potted: [],
      looks: [],
    });
    expect(past.rests.map(({ from, until }) => until - from)).toEqual([121]);
    expect(isoDay(nubsLastYear(past, dayNumber(TODAY))!)).toBe('2027-05-02');
    expect(nubsLastYear(past, dayNumber('2035-01-01'))).toBeUndefined();
  });
});
