import { expect, it } from 'vitest';
import { HUE, type Verdict } from '$lib/drawings/verdicts';
import { PILES } from './piles';

const verdicts = Object.keys(HUE) as Verdict[];

it('puts every verdict on one pile, under its own hue', () => {
  const piled = PILES.flatMap((pile) => pile.verdicts);
  expect([...piled].sort()).toEqual([...verdicts].sort());
  for (const pile of PILES)
    expect(new Set(pile.verdicts.map((verdict) => HUE[verdict]))).toEqual(new Set([pile.hue]));
});
