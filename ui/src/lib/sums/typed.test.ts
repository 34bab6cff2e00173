import { expect, test } from 'vitest';
import { numberOf, rounded } from './typed';

test('a number is read with a comma or a point, and nothing else is one', () => {
  expect(numberOf(' 2,5 ')).toBe(2.5);
  expect(numberOf('0.75')).toBe(0.75);
  expect(numberOf('')).toBeUndefined();
  expect(numberOf('half')).toBeUndefined();
});

test('what is read has three digits that count', () => {
  expect(rounded(2.4999999)).toBe('2.5');
  expect(rounded(0.012345)).toBe('0.0123');
  expect(rounded(250)).toBe('250');
});
