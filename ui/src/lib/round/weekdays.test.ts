import { expect, test } from 'vitest';
import { weekday } from './weekdays';

test('a day is said with its day of the week', () => {
  expect(weekday('2026-11-26')).toBe('Thu');
  expect(weekday('2026-11-29')).toBe('Sun');
  expect(weekday('2026-11-30')).toBe('Mon');
});
