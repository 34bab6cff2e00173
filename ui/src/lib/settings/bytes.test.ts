import { expect, test } from 'vitest';
import { bytes } from './bytes';

test('a length is told in the unit that a disk is sold by', () => {
  expect([0, 999, 1000, 23_400, 1_240_000_000].map(bytes)).toEqual([
    '0 bytes',
    '999 bytes',
    '1.0 kB',
    '23 kB',
    '1.2 GB',
  ]);
});
