import type { Fate } from './atBench.svelte';

/** The fates of roots in the order of their keys, with their hues. */
export const FATES: { fate: Fate; words: string; hue: 'moss' | 'ochre' | 'clay' }[] = [
  { fate: 'FIRM_KEPT', words: 'firm, kept', hue: 'moss' },
  { fate: 'TIP_BROKEN', words: 'firm, tip broken', hue: 'ochre' },
  { fate: 'CUT_BACK', words: 'peeled or kinked, cut back', hue: 'ochre' },
  { fate: 'SOFT', words: 'soft, removed', hue: 'clay' },
  { fate: 'HOLLOW', words: 'hollow, removed', hue: 'clay' },
  { fate: 'NEW_KEPT', words: 'new tip, kept', hue: 'moss' },
  { fate: 'NEW_BROKEN', words: 'new tip, broken', hue: 'ochre' },
];

/** How much of a mass met a fate, by eye. */
export const THIRDS = ['none of them', 'a third', 'two thirds', 'all of them'];

/** How many of a mass met a fate, and how many did not. */
export function byThirds(about: number, third: number): { met: number; rest: number } {
  const met = Math.round((about * third) / 3);
  return { met, rest: about - met };
}
