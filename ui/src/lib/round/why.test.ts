import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { why } from './why';

const round = (late: string | undefined, caught: string[]) =>
  ({
    needed: late ? { title: 'Look again', name: 'Weir Song', late } : null,
    looks: caught.map((each) => ({ caught: each })),
  }) as unknown as Schemas['RoundAhead'];

describe('why there is a round', () => {
  it('names the look that makes it necessary and its last day', () => {
    expect(why(round('2027-05-20', ['INSIDE']), '2027-05-15')).toBe(
      '“Look again” of Weir Song can wait no longer than 20 May',
    );
    expect(why(round('2027-05-15', ['INSIDE']), '2027-05-15')).toMatch(/than today$/);
  });

  it('counts what was missed and what no day of yours catches', () => {
    expect(why(round(undefined, ['OVERDUE']), '2027-05-15')).toBe('1 look was missed');
    expect(why(round('2027-05-15', ['OVERDUE', 'OVERDUE', 'OUTSIDE']), '2027-05-15')).toBe(
      '“Look again” of Weir Song can wait no longer than today; 2 looks were missed; ' +
        'for 1 look no day of yours lies in time, and this is the nearest',
    );
  });
});
