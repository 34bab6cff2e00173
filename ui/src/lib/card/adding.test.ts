import { expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { NEW_PLACE, newPlant, sentPlant } from './adding';

const MOTHER = {
  id: 12,
  card: { label: 'Brassia ‘Lock Gate’' },
  kind: 'miltonia-brassia',
  place: { id: 3 },
  potting: { mix: [{ component: 'PUMICE', parts: 2 }], moisture: 'KEPT_MOIST' },
  today: '2027-05-15',
} as unknown as Schemas['PlantPage'];

test('a new plant begins with nothing said', () => {
  expect(newPlant(undefined)).toMatchObject({
    label: '',
    kind: '',
    place: '',
    mix: [],
    held: false,
  });
});

test('a division begins as its mother stands, potted today', () => {
  expect(newPlant(MOTHER)).toMatchObject({
    label: 'Brassia ‘Lock Gate’',
    kind: 'miltonia-brassia',
    place: '3',
    pottedOn: '2027-05-15',
    mix: [{ component: 'PUMICE', parts: '2' }],
    moisture: 'KEPT_MOIST',
  });
});

test('what was not told is sent as nothing, and how a new place is called is no matter of the plant', () => {
  const typed = { ...newPlant(MOTHER), placeName: 'Cellar', placeLit: true, apart: true };
  const sent = sentPlant(typed, '7', MOTHER);
  expect(sent).toMatchObject({
    placeId: 7,
    motherId: 12,
    arrivedOn: null,
    apart: true,
    mix: [{ component: 'PUMICE', parts: 2 }],
  });
  expect(Object.keys(sent)).not.toContain('placeName');
  expect(sent.newPlace).toBeNull();
  expect(sentPlant(typed, '7', undefined).motherId).toBeNull();
});

test('a place that is not there yet is sent along', () => {
  const typed = { ...newPlant(undefined), placeName: 'Cellar', placeLit: true };
  expect(sentPlant(typed, NEW_PLACE, undefined)).toMatchObject({
    placeId: null,
    newPlace: { name: 'Cellar', lamps: true },
  });
  expect(sentPlant(typed, '', undefined)).toMatchObject({ placeId: null, newPlace: null });
});
