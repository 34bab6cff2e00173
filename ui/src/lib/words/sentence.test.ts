import { afterEach, expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { writeIso } from './dates';
import { plain } from './sentence';
import { units } from './units.svelte';

const parts: Schemas['Part'][] = [
  { text: 'Lead and rim: over the rim, ', value: null, measure: null, day: null },
  { text: '−8 mm', value: -8, measure: 'MM', day: null },
  { text: '; since ', value: null, measure: null, day: null },
  { text: '2027-05-12', value: null, measure: null, day: '2027-05-12' },
  { text: ' ', value: null, measure: null, day: null },
  { text: '17 mm a week', value: 17, measure: 'MM_A_WEEK', day: null },
  { text: ', used ', value: null, measure: null, day: null },
  { text: '51 %', value: 51, measure: 'PERCENT', day: null },
];

const before = units.chosen;
afterEach(() => {
  units.take(before);
  writeIso(false);
});

test('a sentence is said in mm', () => {
  expect(plain(parts, '2027-05-15')).toBe(
    'Lead and rim: over the rim, −8 mm; since 12 May 17 mm a week, used 51 %',
  );
});

test('and in inches and with days in figures where these are chosen', () => {
  writeIso(true);
  units.take({ length: 'INCH', warmth: 'F', volume: 'LITRE', days: 'ISO' });
  expect(plain(parts, '2027-05-15')).toBe(
    'Lead and rim: over the rim, −0.31 in; since 2027-05-12 0.67 in a week, used 51 %',
  );
});
