import { afterEach, expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { units } from '$lib/words/units.svelte';
import { lastSeen } from './last';

const roots = {
  item: 'newRoots',
  measure: { words: 'longest', unit: 'mm' },
  answers: [
    { answer: 'NUB', words: 'nubs' },
    { answer: 'SHORT', words: 'short' },
  ],
} as unknown as Schemas['LookChoice'];

function plant(...journal: Partial<Schemas['Line']>[]): Schemas['PlantPage'] {
  return { today: '2027-05-15', journal } as unknown as Schemas['PlantPage'];
}

function line(id: number, on: string, answers: string[], measured: number | null = null) {
  return {
    id,
    act: `act-${id}`,
    on,
    standing: 'HOLDS' as const,
    looks: { newRoots: { answers, measured } },
  };
}

afterEach(() => units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' }));

test('the newest look is said with its measure and its day', () => {
  const seen = plant(line(2, '2027-05-10', ['NUB'], 6), line(1, '2027-05-01', ['SHORT']));
  expect(lastSeen(seen, roots, 'newRoots')).toBe('nubs 6 mm, 10 May');
});

test('a measure alone is enough, in the unit that is wanted', () => {
  units.take({ length: 'CM', warmth: 'C', volume: 'LITRE', days: 'WORDS' });
  expect(lastSeen(plant(line(1, '2026-12-01', [], 34)), roots, 'newRoots')).toBe(
    '3.4 cm, 1 Dec 2026',
  );
});

test('a line that does not hold, or is being corrected, says nothing', () => {
  const seen = plant(
    { ...line(3, '2027-05-12', ['SHORT']), standing: 'TAKEN_BACK' },
    line(2, '2027-05-10', ['NUB']),
    line(1, '2027-05-01', ['SHORT']),
  );
  expect(lastSeen(seen, roots, 'newRoots')).toBe('nubs, 10 May');
  expect(lastSeen(seen, roots, 'newRoots', 'act-2')).toBe('short, 1 May');
});

test('another lead is another spot', () => {
  expect(lastSeen(plant(line(1, '2027-05-01', ['NUB'])), roots, 'newRoots/B')).toBeUndefined();
});
