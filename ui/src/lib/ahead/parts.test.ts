import { describe, expect, it } from 'vitest';
import { counted, likely, type PartAhead, ranged, said, under } from './parts';

const part = (over: Partial<PartAhead> = {}): PartAhead => ({
  from: '2027-03-01',
  jobs: { least: 4, expected: 6.6, most: 11 },
  minutes: { least: 200, expected: 330.4, most: 600 },
  sorts: [],
  plants: [],
  looks: 0,
  ...over,
});

describe('a part of the year ahead', () => {
  it('says about how many moves it brings, and between which numbers they lie', () => {
    expect(ranged({ least: 4, expected: 6.6, most: 11 })).toBe('about 7 moves (4 to 11)');
    expect(ranged({ least: 1, expected: 1, most: 1 })).toBe('1 move');
  });

  it('says by ear what its bar shows', () => {
    expect(said(part(), 'months')).toBe('March 2027: about 7 moves (4 to 11), 5 h 30 of work');
    const room = { minutes: 120, chance: 0.9, overflows: true };
    expect(said(part({ room }), 'weeks')).toBe(
      'the week of Monday 1 March: about 7 moves (4 to 11), 5 h 30 of work, 2 h for it: probably too little',
    );
    const none = { least: 0, expected: 0, most: 0 };
    expect(said(part({ jobs: none, minutes: none }), 'months')).toBe('March 2027: no move');
  });

  it('counts months in moves and weeks in hours', () => {
    expect(counted(part(), 'months').most).toBe(11);
    expect(counted(part(), 'weeks').most).toBe(10);
  });

  it('names a month under the first of its weeks alone', () => {
    expect(under(part(), undefined)).toBe('Mar');
    expect(under(part({ from: '2027-03-08' }), part())).toBe('');
    expect(under(part({ from: '2027-04-05' }), part({ from: '2027-03-29' }))).toBe('Apr');
  });

  it('says a chance as a grower would', () => {
    expect(likely(1)).toBe('nearly sure');
    expect(likely(0.62)).toBe('6 in 10');
    expect(likely(0.03)).toBe('hardly');
  });
});
