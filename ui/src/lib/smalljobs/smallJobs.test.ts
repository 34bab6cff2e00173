import { describe, expect, it } from 'vitest';
import { byPlace, carried, type Job, keyOf } from './jobs';

const job = (plantId: number, placeName: string, carry: string[] = [], apart = false) =>
  ({ plantId, placeName, carry, apart, fix: 'STAKE', task: null }) as unknown as Job;

describe('small jobs', () => {
  it('stand by place in the order of the walk, those kept apart by themselves', () => {
    const places = byPlace([
      job(1, 'Sill'),
      job(2, 'Sill'),
      job(3, 'Cellar'),
      job(4, 'Sill', [], true),
    ]);
    expect(places.map(({ place, jobs }) => [place, jobs.length])).toEqual([
      ['Sill', 2],
      ['Cellar', 1],
      ['Sill, kept apart: last', 1],
    ]);
  });

  it('say once what to take along', () => {
    expect(carried([job(1, 'a', ['moss']), job(2, 'a', ['moss', 'ties']), job(3, 'a')])).toEqual([
      { thing: 'moss', times: 2 },
      { thing: 'ties', times: 1 },
    ]);
  });

  it('are told apart by plant and job', () => {
    expect(keyOf(job(1, 'a'))).not.toBe(keyOf(job(2, 'a')));
  });
});
