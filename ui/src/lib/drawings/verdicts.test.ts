import { expect, test } from 'vitest';
import { atThePlace, HUE, now, URGENCY, type Verdict } from './verdicts';
import { PILES } from '../sorting/piles';

const ALL = Object.keys(HUE) as Verdict[];

test('every verdict has its turn, its hue and its pile', () => {
  expect(new Set(URGENCY)).toEqual(new Set(ALL));
  expect(URGENCY).toHaveLength(ALL.length);
  expect(new Set(PILES.flatMap((pile) => pile.verdicts))).toEqual(new Set(ALL));
});

test('a hazard comes before everything and leaving alone after everything', () => {
  expect(URGENCY[0]).toBe('RESCUE');
  expect(URGENCY.at(-1)).toBe('LEAVE');
});

test('lifting to look is done now, but needs no blade', () => {
  expect(now('LIFT_AND_LOOK')).toBe(true);
  expect(atThePlace('LIFT_AND_LOOK')).toBe(false);
});

test('whatever is waited for, watched or left is not taken to the bench', () => {
  for (const verdict of ['WAIT_FOR', 'WATCH', 'LEAVE', 'ADJUST_CARE'] as Verdict[]) {
    expect(now(verdict), verdict).toBe(false);
    expect(atThePlace(verdict), verdict).toBe(false);
  }
});

test('whatever needs the bench is done now', () => {
  expect(ALL.filter(atThePlace).every(now)).toBe(true);
});
