import type { Schemas } from '$lib/api/client';
import { optional, shown } from '$lib/forms/numbers';
import { lengthOut, measuredBack, retyped, warmthOut, type Written } from '$lib/words/units.svelte';

/** Traits while they are typed; empty is as in the kind. */
export interface TypedTraits {
  readyRule: string;
  branching: string;
  moisture: string;
  leastGrowths: string;
  rhizomeStepMm: string;
  growthsAYear: string;
  nightLeast: string;
  dayMost: string;
  rootSpeed: string;
  rootsHidden: string;
}

export function typedTraits(traits: Schemas['DeviationEntry']): TypedTraits {
  return {
    readyRule: traits.readyRule ?? '',
    branching: traits.branching ?? '',
    moisture: traits.moisture ?? '',
    leastGrowths: shown(traits.leastGrowths),
    rhizomeStepMm: traits.rhizomeStepMm == null ? '' : lengthOut(traits.rhizomeStepMm),
    growthsAYear: shown(traits.growthsAYear),
    nightLeast: traits.nightLeast == null ? '' : warmthOut(traits.nightLeast),
    dayMost: traits.dayMost == null ? '' : warmthOut(traits.dayMost),
    rootSpeed: traits.rootSpeed == null ? '' : lengthOut(traits.rootSpeed),
    rootsHidden: traits.rootsHidden == null ? '' : String(traits.rootsHidden),
  };
}

const UNITS = {
  rhizomeStepMm: 'mm',
  rootSpeed: 'mm a week',
  nightLeast: '°C',
  dayMost: '°C',
} as const;

/** Traits that were typed in other units. */
export function retypedTraits(typed: TypedTraits, from: Written): TypedTraits {
  const now = { ...typed };
  for (const [key, unit] of Object.entries(UNITS) as [keyof typeof UNITS, string][])
    now[key] = retyped(typed[key], unit, from);
  return now;
}

/**
 * Traits as they are sent.
 *
 * @param known what was typed over; what was left alone goes back as it was
 */
export function sentTraits(
  typed: TypedTraits,
  known: Partial<Schemas['DeviationEntry']> = {},
): Schemas['DeviationEntry'] {
  const measure = (key: keyof typeof UNITS) =>
    typed[key].trim() === '' ? null : measuredBack(typed[key], UNITS[key], known[key]);
  return {
    readyRule: (typed.readyRule || null) as Schemas['DeviationEntry']['readyRule'],
    branching: (typed.branching || null) as Schemas['DeviationEntry']['branching'],
    moisture: (typed.moisture || null) as Schemas['DeviationEntry']['moisture'],
    leastGrowths: optional(typed.leastGrowths),
    rhizomeStepMm: measure('rhizomeStepMm'),
    growthsAYear: optional(typed.growthsAYear),
    nightLeast: measure('nightLeast'),
    dayMost: measure('dayMost'),
    rootSpeed: measure('rootSpeed'),
    rootsHidden: typed.rootsHidden === '' ? null : typed.rootsHidden === 'true',
  };
}

/** The names of the entries, as faults name them. */
export const TRAITS = Object.keys(typedTraits({}));
