import { expect, test } from 'vitest';
import { carriedBy, moved, standing, walked } from './order';

const PLACES = [{ id: 1 }, { id: 2 }, { id: 3 }];
const ORDER = { 1: [10, 11, 12], 2: [20], 3: [] };

test('plants stand at their places in their order', () => {
  const plants = [
    { id: 11, placeId: 1, stand: 2 },
    { id: 20, placeId: 2, stand: 1 },
    { id: 10, placeId: 1, stand: 0.5 },
    { id: 12, placeId: 1, stand: 7 },
  ];
  expect(standing(PLACES, plants)).toEqual(ORDER);
});

test('a plant that is moved stands once, and the others close up', () => {
  expect(moved(ORDER, 10, 1, 2)).toEqual({ 1: [11, 12, 10], 2: [20], 3: [] });
  expect(moved(ORDER, 10, 2, 0)).toEqual({ 1: [11, 12], 2: [10, 20], 3: [] });
  expect(ORDER[1]).toEqual([10, 11, 12]);
});

test('arrows carry a plant along its place and no further', () => {
  const by = (arrow: string, at: number) => carriedBy(arrow, ORDER, PLACES, 1, at)?.at;
  expect(by('ArrowLeft', 1)).toBe(0);
  expect(by('ArrowLeft', 0)).toBe(0);
  expect(by('ArrowRight', 1)).toBe(2);
  expect(by('ArrowRight', 2)).toBe(2);
});

test('arrows carry a plant to the end of the place before or after, if there is one', () => {
  expect(carriedBy('ArrowDown', ORDER, PLACES, 1, 0)).toEqual({ place: 2, at: 1 });
  expect(carriedBy('ArrowUp', ORDER, PLACES, 3, 0)).toEqual({ place: 2, at: 1 });
  expect(carriedBy('ArrowUp', ORDER, PLACES, 1, 0)).toBeUndefined();
  expect(carriedBy('ArrowDown', ORDER, PLACES, 3, 0)).toBeUndefined();
});

test('a place is walked to earlier or later', () => {
  expect(walked([1, 2, 3], 3, -1)).toEqual([1, 3, 2]);
  expect(walked([1, 2, 3], 1, 1)).toEqual([2, 1, 3]);
});
