import { expect, test } from 'vitest';
import { genusOf } from './genus';

const genera = [
  { name: 'Vanda', kind: 'vanda', sure: true },
  { name: 'Cattleya', kind: 'cattleya-one-leaved', sure: false },
];

test('a label is known by its first word, however that is written', () => {
  expect(genusOf(' vanda Blue Gate', genera)?.kind).toBe('vanda');
  expect(genusOf('CATTLEYA', genera)?.sure).toBe(false);
  expect(genusOf('Blue Vanda', genera)).toBeUndefined();
  expect(genusOf('', genera)).toBeUndefined();
});
