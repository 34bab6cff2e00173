import { expect, test } from 'vitest';
import { CITIES } from './cities';

test('every city is found by its name and lies on the globe', () => {
  const names = CITIES.map(([name]) => name);
  expect(new Set(names).size).toBe(names.length);
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b, 'en')));
  for (const [name, latitude] of CITIES) {
    expect(Math.abs(latitude), name).toBeLessThan(72);
    expect(Math.round(latitude * 10) / 10, name).toBe(latitude);
  }
});

test('both hemispheres and the tropics are there', () => {
  const latitudes = CITIES.map(([, latitude]) => latitude);
  expect(latitudes.some((latitude) => latitude < -40)).toBe(true);
  expect(latitudes.some((latitude) => latitude > 65)).toBe(true);
  expect(latitudes.filter((latitude) => Math.abs(latitude) < 10).length).toBeGreaterThan(3);
});
