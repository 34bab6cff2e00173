import { expect, test } from 'vitest';
import { scale, steps } from './rim';

test('with room for two growths the third leads past the rim', () => {
  const drawn = steps(50, 20, 2, 200, 300);
  expect(drawn.map((step) => step.x)).toEqual([100, 140, 180, 220]);
  expect(drawn.map((step) => step.past)).toEqual([false, false, false, true]);
  expect(drawn.map((step) => step.coming)).toEqual([false, true, true, true]);
});

test('a lead that is past the rim stands alone', () => {
  expect(steps(-8, 20, 2, 200, 300)).toEqual([{ x: 216, coming: false, past: true }]);
});

test('what would lie outside the strip is not drawn', () => {
  expect(steps(5, 80, 2, 200, 220)).toEqual([{ x: 190, coming: false, past: false }]);
});

test('a kind of short steps is not drawn without end', () => {
  expect(steps(300, 5, 1, 400, 500)).toHaveLength(7);
});

test('all the room fits, and so do two growths of a lead that stands at the rim', () => {
  expect(scale(90, 20, 180)).toBe(2);
  expect(scale(0, 30, 180)).toBe(3);
  expect(scale(-40, 5, 180)).toBe(9);
});
