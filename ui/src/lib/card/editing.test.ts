import { expect, test } from 'vitest';
import { Problem } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';
import { sentCard, typedCard } from './editing';

const TRAITS: Schemas['TraitChoice'][] = [
  { trait: 'rootSpeed', title: '', ofAPlant: true, unit: 'mm a week', answers: [] },
];
const PLANT = {
  version: 'v1',
  card: {
    number: '12a',
    label: 'Brassia ‘Lock Gate’',
    believed: '',
    confirmed: '',
    parents: '',
    status: 'GROWING',
    statusReason: '',
    statusWords: 'growing',
    notes: 'by the window',
    cameFrom: '',
    price: '',
    mother: { id: 12, number: '12', name: 'Brassia' },
    daughters: [],
    asideOn: '2027-05-01',
    apartSince: null,
    heldSince: '2027-04-02',
  },
  flowers: 'green, spidery',
  kind: 'miltonia-brassia',
  place: { id: 3 },
  aim: 'AS_IT_COMES',
  approach: null,
  arrivedOn: null,
  cameRootless: false,
  deviation: { rootSpeed: 9 },
} as unknown as Schemas['PlantPage'];
const ALL = [
  { id: 12, number: '12' },
  { id: 40, number: '40' },
];

test('a card that nobody touched is sent as it stands, without what is not entered on it', () => {
  expect(sentCard(typedCard(PLANT, TRAITS), PLANT, TRAITS, ALL)).toEqual({
    version: 'v1',
    card: {
      number: '12a',
      label: 'Brassia ‘Lock Gate’',
      believed: '',
      confirmed: '',
      flowers: 'green, spidery',
      parents: '',
      status: 'GROWING',
      statusReason: '',
      notes: 'by the window',
      cameFrom: '',
      price: '',
      motherId: 12,
      apartSince: null,
      heldSince: '2027-04-02',
    },
    kind: 'miltonia-brassia',
    placeId: 3,
    aim: 'AS_IT_COMES',
    approach: null,
    arrivedOn: null,
    cameRootless: false,
    deviation: { rootSpeed: 9 },
  });
});

test('a mother is told by her number, and none by nothing', () => {
  const typed = typedCard(PLANT, TRAITS);
  expect(sentCard({ ...typed, mothers: ' 40 ' }, PLANT, TRAITS, ALL).card.motherId).toBe(40);
  expect(sentCard({ ...typed, mothers: '' }, PLANT, TRAITS, ALL).card.motherId).toBeNull();
});

test('a number that no plant has is refused by its field', () => {
  const typed = { ...typedCard(PLANT, TRAITS), mothers: '99' };
  let thrown: unknown;
  try {
    sentCard(typed, PLANT, TRAITS, ALL);
  } catch (failure) {
    thrown = failure;
  }
  expect(thrown).toBeInstanceOf(Problem);
  expect((thrown as Problem).faults).toEqual([
    { field: 'card.motherId', sentence: 'There is no plant with the number 99.' },
  ]);
});
