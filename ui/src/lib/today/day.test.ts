import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { byTheWay } from './day';

describe('small jobs by the way', () => {
  it('stand by kind, the most wanted first', () => {
    const job = (name: string, fix: string | null, text: string) =>
      ({ name, fix, words: [{ text }] }) as unknown as Schemas['SmallJobLine'];
    expect(
      byTheWay([
        job('A', 'STAKE', 'Stake it'),
        job('B', 'TOP_UP', 'Top up'),
        job('C', 'TOP_UP', 'Top up'),
      ]),
    ).toEqual([
      { words: 'Top up', plants: '2 plants' },
      { words: 'Stake it', plants: 'A' },
    ]);
  });
});
