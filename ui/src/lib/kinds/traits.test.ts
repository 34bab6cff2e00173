import { afterEach, expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { units } from '$lib/words/units.svelte';
import { retypedTraits, sentTraits, traitPaths, typedTraits } from './traits';

function trait(name: string, unit: string | null, ...answers: string[]): Schemas['TraitChoice'] {
  return {
    trait: name,
    title: name,
    ofAPlant: true,
    unit,
    answers: answers.map((value) => ({ value, words: value, why: null })),
  };
}

const TRAITS = [
  trait('readyRule', null, 'NUB_ONLY', 'ANY_TIME'),
  trait('rootsHidden', null, 'true', 'false'),
  trait('rootSpeed', 'mm a week'),
  trait('rhizomeStepMm', 'mm'),
  trait('growthsAYear', 'on one lead'),
  trait('nightLeast', '°C'),
  trait('care', null),
];
const OWN: Schemas['Traits'] = {
  readyRule: 'NUB_ONLY',
  rootsHidden: false,
  rootSpeed: 12.7,
  rhizomeStepMm: 25.4,
  growthsAYear: 1.5,
  nightLeast: 10,
  care: 'small pots',
};

afterEach(() => units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' }));

test('what is as in the kind stays empty and is sent as nothing', () => {
  const plain = TRAITS.filter((each) => each.trait !== 'care');
  const typed = typedTraits({}, plain);
  expect(Object.values(typed)).toEqual(plain.map(() => ''));
  expect(Object.values(sentTraits(typed, plain))).toEqual(plain.map(() => null));
  expect(sentTraits({}, plain)).toEqual(sentTraits(typed, plain));
});

test('what is typed back unchanged is sent as it was', () => {
  expect(sentTraits(typedTraits(OWN, TRAITS), TRAITS)).toEqual(OWN);
});

test('in inches and Fahrenheit it is the same plant', () => {
  const before = { length: units.length, warmth: units.warmth };
  const inMm = typedTraits(OWN, TRAITS);
  units.take({ length: 'INCH', warmth: 'F', volume: 'LITRE', days: 'WORDS' });
  const typed = typedTraits(OWN, TRAITS);
  expect(typed).toMatchObject({ rhizomeStepMm: '1', rootSpeed: '0.5', nightLeast: '50' });
  expect(retypedTraits(inMm, TRAITS, before)).toEqual(typed);
  expect(sentTraits(typed, TRAITS)).toEqual(OWN);
});

test('what is shown rounded and left alone is sent as it was', () => {
  units.take({ length: 'INCH', warmth: 'C', volume: 'LITRE', days: 'WORDS' });
  const known = { rhizomeStepMm: 25 };
  expect(sentTraits(typedTraits(known, TRAITS), TRAITS, known).rhizomeStepMm).toBe(25);
});

test('“no” is an answer, and not the same as nothing', () => {
  expect(sentTraits({ rootsHidden: 'false' }, TRAITS).rootsHidden).toBe(false);
  expect(sentTraits({ rootsHidden: '' }, TRAITS).rootsHidden).toBeNull();
});

test('what is no number is sent as it was typed, so that the fault names its field', () => {
  expect(sentTraits({ rootSpeed: 'fast' }, TRAITS).rootSpeed).toBe('fast');
  expect(traitPaths('deviation', TRAITS)).toContain('deviation.rootSpeed');
});
