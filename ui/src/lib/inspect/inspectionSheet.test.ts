import { afterEach, expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { units } from '$lib/words/units.svelte';
import { freshSheet, measuredBefore, sections, spotsOf } from './inspectionSheet';

function look(item: string, section: string, more: object = {}): Schemas['LookChoice'] {
  return {
    item,
    section,
    sectionTitle: `The ${section.toLowerCase()}`,
    title: item,
    how: '',
    several: false,
    ofALead: false,
    inPassing: false,
    measure: null,
    answers: [],
    ...more,
  } as Schemas['LookChoice'];
}
const ROOTS = look('newRoots', 'ROOTS', {
  ofALead: true,
  measure: { words: 'longest', unit: 'mm' },
});
const PESTS = look('pests', 'HEALTH');
const BLOOM = look('bloom', 'TOP');
const CHOICES = {
  looks: [BLOOM, ROOTS, PESTS],
  leads: ['A', 'B', 'C'] as Schemas['Choices']['leads'],
  firstLook: ['newRoots', 'pests'],
};
const WRONG = {
  on: '2027-05-01',
  note: 'seen by lamp light',
  looks: {
    'newRoots/B': { answers: ['SHORT'], measured: 25.4 },
    pests: { answers: ['NONE'], measured: null },
  },
};

afterEach(() => units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' }));

test('what belongs to a lead has a spot on each, the first by its plain name', () => {
  expect(spotsOf(PESTS, CHOICES.leads)).toEqual([{ spot: 'pests', lead: undefined }]);
  expect(spotsOf(ROOTS, CHOICES.leads).map(({ spot }) => spot)).toEqual([
    'newRoots',
    'newRoots/B',
    'newRoots/C',
  ]);
  expect(spotsOf(ROOTS, ['A'] as typeof CHOICES.leads)[0]!.lead).toBeUndefined();
});

test('a fresh sheet has nothing looked at, and shows as many leads as were ever looked at', () => {
  const sheet = freshSheet('2027-05-15', CHOICES, undefined, [WRONG]);
  expect(sheet).toMatchObject({ on: '2027-05-15', note: '', leads: 2 });
  expect(Object.values(sheet.looks)).toEqual(
    Array.from({ length: 5 }, () => ({ answers: [], measured: '' })),
  );
});

test('a correction begins with what was written, in the units of today', () => {
  units.take({ length: 'INCH', warmth: 'C', volume: 'LITRE', days: 'WORDS' });
  const sheet = freshSheet('2027-05-15', CHOICES, WRONG, []);
  expect(sheet).toMatchObject({ on: '2027-05-01', note: 'seen by lamp light' });
  expect(sheet.looks['newRoots/B']).toEqual({ answers: ['SHORT'], measured: '1' });
  expect(sheet.looks['pests']).toEqual({ answers: ['NONE'], measured: '' });
});

test('the parts that decide lie open, and those that are corrected', () => {
  const open = (wrong?: typeof WRONG) =>
    sections(CHOICES, false, wrong)
      .filter((section) => section.open)
      .map((section) => section.key);
  expect(open()).toEqual(['ROOTS']);
  expect(open(WRONG)).toEqual(['ROOTS', 'HEALTH']);
});

test('the first look has its own order, and the rest lies closed below', () => {
  const [first, ...rest] = sections(CHOICES, true, undefined);
  expect(first!.looks.map(({ item }) => item)).toEqual(['newRoots', 'pests']);
  expect(rest.map(({ key, open }) => [key, open])).toEqual([['TOP', false]]);
});

test('a length measured in a picture comes along', () => {
  expect(measuredBefore('newRoots:34.5')).toEqual({ item: 'newRoots', mm: 34.5 });
  expect(measuredBefore(null)).toBeUndefined();
  expect(measuredBefore('newRoots')).toBeUndefined();
});
