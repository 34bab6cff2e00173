import { expect, test } from 'vitest';
import { kept, KEPT_HEADER, MOST_PLANTS, stamped, surplus } from './kept';

test.each([
  '/api/site',
  '/api/choices',
  '/api/places',
  '/api/plants',
  '/api/checks',
  '/api/plants/12',
])('%s is kept for Today or a round without the program', (path) => {
  expect(kept(path)).toBe(true);
});

test.each(['/api/network', '/api/plants/12/photos', '/plants/12', '/api/siteless'])(
  '%s is not kept',
  (path) => {
    expect(kept(path)).toBe(false);
  },
);

test('of too many plants the oldest go, and nothing else does', () => {
  const plants = Array.from({ length: MOST_PLANTS + 2 }, (_, i) => `/api/plants/${i + 1}`);
  expect(surplus(['/api/site', ...plants, '/api/choices'])).toEqual([
    '/api/plants/1',
    '/api/plants/2',
  ]);
  expect(surplus(plants.slice(2))).toEqual([]);
});

test('a kept answer says when it was given, and is otherwise the same', async () => {
  const answer = new Response('{"a":1}', {
    headers: { 'content-type': 'application/json', 'content-encoding': 'gzip' },
  });
  const copy = await stamped(answer, new Date('2027-05-15T08:30:00Z'));
  expect(copy.headers.get(KEPT_HEADER)).toBe('2027-05-15T08:30:00.000Z');
  expect(copy.headers.get('content-type')).toBe('application/json');
  expect(copy.headers.get('content-encoding')).toBeNull();
  expect(await copy.json()).toEqual({ a: 1 });
});
