import { expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { searched } from './kindSearch';

const kinds = [
  { key: 'oncidium', name: 'Oncidium alliance' },
  { key: 'vanda', name: 'Vanda' },
] as Schemas['KindChoice'][];
const genera = [
  { name: 'Gomesa', kind: 'oncidium', sure: true },
  { name: 'Odontoglossum', kind: 'oncidium', sure: true },
  { name: 'Aerides', kind: 'vanda', sure: true },
];

test('a kind is found by its own name and by a genus, however it is written', () => {
  expect(searched(kinds, genera, 'VAN').map(({ key }) => key)).toEqual(['vanda']);
  expect(searched(kinds, genera, ' odonto')).toEqual([
    { key: 'oncidium', name: 'Oncidium alliance', genera: ['Odontoglossum'] },
  ]);
});

test('all are there while nothing is typed, and none where nothing fits', () => {
  expect(searched(kinds, genera, '')).toHaveLength(2);
  expect(searched(kinds, genera, 'fern')).toEqual([]);
});
