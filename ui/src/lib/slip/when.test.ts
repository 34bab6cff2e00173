import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { points, sorted } from './reasons';
import { day } from './when';

type Slip = Schemas['Slip'];

function slip(kind: string, more: object = {}): Slip {
  return {
    judgedOn: '2027-05-15',
    family: 'REPOT',
    when: { kind, from: '2027-05-15', likely: '2028-03-05', to: '2027-05-27', waitFor: [] },
    reasons: [],
    ...more,
  } as unknown as Slip;
}

function reason(side: string, scale: string, carries: boolean, counts = 10) {
  return { side, scale, carries, points: counts, sentence: [] };
}

describe('the day of a verdict', () => {
  it.each([
    ['NOW', 'today'],
    ['BY', 'by 27 May'],
    ['BETWEEN', 'until 27 May'],
    ['WAIT_FOR', 'until about 5 Mar 2028'],
    ['OPEN', ''],
  ])('%s: %s', (kind, words) => expect(day(slip(kind))).toBe(words));
});

describe('the reasons of a slip', () => {
  const reasons = [
    reason('FOR', 'NEED', true),
    reason('FOR', 'NEED', false),
    reason('AGAINST', 'LOSS', false),
    reason('AGAINST', 'NEED', false, 0),
  ];

  it('are read with what carried it first, then what speaks against it', () => {
    const read = sorted(slip('BY', { reasons }));
    expect(read.carried).toEqual([reasons[0]]);
    expect(read.contrary).toEqual([reasons[2]]);
    expect(read.rest).toEqual([reasons[1], reasons[3]]);
  });

  it('of a plant that is left, needs speak against it', () => {
    const read = sorted(slip('OPEN', { reasons, family: 'LEAVE_ALONE' }));
    expect(read.contrary).toEqual([reasons[1]]);
  });

  it.each([
    ['NEED', 25, 'need 25'],
    ['LOSS', 12, 'ready −12'],
    ['READINESS', 95, 'ready 95'],
    ['HAZARD', 100, 'now'],
    ['HAZARD', 0, ''],
    ['NO_REASON', 0, ''],
  ])('%s of %d says “%s”', (scale, counts, words) =>
    expect(points(reason('FOR', scale, false, counts) as never)).toBe(words),
  );
});
