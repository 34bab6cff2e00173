import { expect, test } from 'vitest';
import { number, numberOf, optional, times } from './numbers';

test('a number is read with a comma or a point, and nothing else is one', () => {
  expect(numberOf(' 2,5 ')).toBe(2.5);
  expect(numberOf('0.75')).toBe(0.75);
  expect(numberOf('')).toBeUndefined();
  expect(numberOf('half')).toBeUndefined();
});

test('what is no number is sent as it was typed, so that the answer names the field', () => {
  expect(number('half')).toBe('half');
  expect(times('half', 1000)).toBe('half');
  expect(times('1,5', 1000)).toBe(1500);
  expect(times('', 1000)).toBeNull();
  expect(optional(' ')).toBeNull();
});
