import type { Schemas } from '$lib/interface/schemas';
import type { Fate } from './atBench.svelte';

/** Whether a root of that fate is a gain, a loss, or between. */
const HUES: Record<Fate, 'moss' | 'ochre' | 'clay'> = {
  FIRM_KEPT: 'moss',
  TIP_BROKEN: 'ochre',
  CUT_BACK: 'ochre',
  SOFT: 'clay',
  HOLLOW: 'clay',
  NEW_KEPT: 'moss',
  NEW_BROKEN: 'ochre',
};

/** The fates of roots in the order of their keys, with their hues. */
export function fates(choices: Pick<Schemas['Choices'], 'rootFates'>) {
  return choices.rootFates.map(({ value, words }) => ({
    fate: value as Fate,
    words,
    hue: HUES[value as Fate],
  }));
}

/** How much of a mass met a fate, by eye. */
export const THIRDS = ['none of them', 'a third', 'two thirds', 'all of them'];

/** How many of a mass met a fate, and how many did not. */
export function byThirds(about: number, third: number): { met: number; rest: number } {
  const met = Math.round((about * third) / 3);
  return { met, rest: about - met };
}
