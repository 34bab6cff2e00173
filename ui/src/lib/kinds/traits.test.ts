import { afterEach, expect, test } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { units } from '$lib/words/units.svelte';
import { sentTraits, TRAITS, typedTraits } from './traits';

const OWN: Schemas['DeviationEntry'] = {
  readyRule: 'NUB_ONLY',
  branching: 'SOME',
  moisture: 'KEPT_MOIST',
  leastGrowths: 3,
  rhizomeStepMm: 25.4,
  growthsAYear: 1.5,
  nightLeast: 10,
  dayMost: 30,
  rootSpeed: 12.7,
  rootsHidden: false,
};

afterEach(() => units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' }));

test('what is as in the kind stays empty and is sent as nothing', () => {
  const typed = typedTraits({});
  expect(Object.values(typed).every((text) => text === '')).toBe(true);
  expect(Object.values(sentTraits(typed)).every((trait) => trait === null)).toBe(true);
});

test('what is typed back unchanged is sent as it was', () => {
  expect(sentTraits(typedTraits(OWN))).toEqual(OWN);
});

test('in inches and Fahrenheit it is the same plant', () => {
  units.take({ length: 'INCH', warmth: 'F', volume: 'LITRE', days: 'WORDS' });
  const typed = typedTraits(OWN);
  expect(typed.rhizomeStepMm).toBe('1');
  expect(typed.rootSpeed).toBe('0.5');
  expect(typed.nightLeast).toBe('50');
  expect(sentTraits(typed)).toEqual(OWN);
});

test('“no” is an answer, and not the same as nothing', () => {
  expect(sentTraits({ ...typedTraits({}), rootsHidden: 'false' }).rootsHidden).toBe(false);
  expect(sentTraits({ ...typedTraits({}), rootsHidden: '' }).rootsHidden).toBeNull();
});

test('what is no number is sent as it was typed, so that the fault names its field', () => {
  expect(sentTraits({ ...typedTraits({}), rootSpeed: 'fast' }).rootSpeed).toBe('fast');
});

test('every entry is named as the program names it', () => {
  expect(new Set(TRAITS)).toEqual(new Set(Object.keys(OWN)));
});
