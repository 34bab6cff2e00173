import type { Schemas } from '$lib/interface/schemas';
import { short } from '$lib/words/dates';
import { lengthSaid } from '$lib/words/units.svelte';

type Roots = Schemas['RootChart'];

/** What was seen by eye has no length. */
const STAGES: Record<Roots['stage'], string> = {
  NONE: 'none',
  SWELLING: 'bumps',
  NUB: 'nubs',
  SHORT: 'short',
  MID: 'half long',
  LONG: 'long',
  ANCHORED: 'in the medium',
};

/** The chart in a sentence, for those who do not see it drawn. */
export function said(roots: Roots, today: string): string {
  const seen = roots.measured ? lengthSaid(Math.round(roots.lengthMm)) : STAGES[roots.stage];
  const day = (on: string) => short(on, today);
  return `Newest roots ${seen} on ${day(roots.measuredOn)}; nubs until about ${day(
    roots.nubUntil.likely,
  )}, unsafe until about ${day(roots.unsafeUntil.likely)}`;
}
