import { expect, test } from 'vitest';
import { rounded } from './typed';

test('what is read has three digits that count', () => {
  expect(rounded(2.4999999)).toBe('2.5');
  expect(rounded(0.012345)).toBe('0.0123');
  expect(rounded(250)).toBe('250');
});
