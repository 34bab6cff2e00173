import { afterEach, expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { units } from '$lib/words/units.svelte';
import { Changes, found } from './changes.svelte';

const NUB: Schemas['RuleLine'] = {
  key: 'roots.nub-most',
  standard: 20,
  own: null,
  learned: false,
  unit: 'mm',
  least: 5,
  most: 50,
  name: 'Longest nub',
  reason: 'A nub has no length to break',
};
const SOUR: Schemas['RuleLine'] = {
  key: 'need.sour',
  standard: 20,
  own: 30,
  learned: false,
  unit: 'points',
  least: 0,
  most: 100,
  name: 'Sour smell',
  reason: 'A sour medium lacks air already',
};
const BOOK: Schemas['Chapter'][] = [
  { key: 'roots', title: 'New roots', figures: [NUB] },
  { key: 'need', title: 'Needs', figures: [SOUR] },
];

afterEach(() => units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' }));

test('what is typed as it stands is no change, and what is cleared neither', () => {
  const changes = new Changes();
  changes.type(NUB, '20.0');
  changes.type(SOUR, '30');
  expect(changes.count).toBe(0);
  changes.type(NUB, '25');
  expect(changes.count).toBe(1);
  changes.type(NUB, ' ');
  expect(changes.count).toBe(0);
});

test('changes are sent in the units of the program', () => {
  units.take({ length: 'INCH', warmth: 'C', volume: 'LITRE', days: 'WORDS' });
  const changes = new Changes();
  changes.type(NUB, '1');
  changes.type(SOUR, '45');
  expect(changes.values([NUB, SOUR])).toEqual({ 'roots.nub-most': 25.4, 'need.sour': 45 });
});

test('a default that is put back is shown, and sent as nothing', () => {
  const changes = new Changes();
  expect(changes.shown(SOUR)).toBe('30');
  changes.putBack(SOUR);
  expect(changes.shown(SOUR)).toBe('20');
  expect(changes.putsBack('need.sour')).toBe(true);
  expect(changes.values([SOUR])).toEqual({ 'need.sour': null });
  changes.leave('need.sour');
  expect(changes.shown(SOUR)).toBe('30');
});

test('a figure is found by its key, its reason or its chapter', () => {
  const keys = (sought: string, wanted = (figure: typeof NUB) => Boolean(figure)) =>
    found(BOOK, sought, wanted).flatMap((chapter) => chapter.figures.map((each) => each.key));
  expect(keys(' nub')).toEqual(['roots.nub-most']);
  expect(keys('lacks AIR')).toEqual(['need.sour']);
  expect(keys('smell sour')).toEqual(['need.sour']);
  expect(keys('needs')).toEqual(['need.sour']);
  expect(keys('', (figure) => figure.own != null)).toEqual(['need.sour']);
  expect(keys('orange')).toEqual([]);
});
