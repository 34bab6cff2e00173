import { afterEach, expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { units } from '$lib/words/units.svelte';
import { NO_POT, sentPot, typedPot } from './pot';

const POTTING = {
  pot: 'CLEAR',
  diameterMm: 114.3,
  depthMm: null,
  topLayer: 'moss',
} as Schemas['PottingView'];

afterEach(() => units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' }));

test('a pot is typed over in the unit that is wanted', () => {
  expect(typedPot(POTTING)).toEqual({
    type: 'CLEAR',
    diameter: '114.3',
    depth: '',
    topLayer: 'moss',
  });
  units.take({ length: 'INCH', warmth: 'C', volume: 'LITRE', days: 'WORDS' });
  expect(typedPot(POTTING).diameter).toBe('4.5');
  expect(sentPot(typedPot(POTTING))).toEqual({
    type: 'CLEAR',
    diameterMm: 114.3,
    depthMm: null,
    topLayer: 'moss',
  });
});

test('a pot of which nothing is known has no measures', () => {
  expect(sentPot(NO_POT)).toEqual({
    type: 'UNKNOWN',
    diameterMm: null,
    depthMm: null,
    topLayer: '',
  });
});

test('what is no number is sent as it was typed', () => {
  expect(sentPot({ ...NO_POT, diameter: 'wide' }).diameterMm).toBe('wide');
});
