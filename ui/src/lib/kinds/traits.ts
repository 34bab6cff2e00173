import type { Schemas } from '$lib/api/client';
import { optional, shown } from '$lib/forms/numbers';
import { lengthIn, lengthOut, warmthIn, warmthOut } from '$lib/words/units.svelte';

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

export function sentTraits(typed: TypedTraits): Schemas['DeviationEntry'] {
  return {
    readyRule: (typed.readyRule || null) as Schemas['DeviationEntry']['readyRule'],
    branching: (typed.branching || null) as Schemas['DeviationEntry']['branching'],
    moisture: (typed.moisture || null) as Schemas['DeviationEntry']['moisture'],
    leastGrowths: optional(typed.leastGrowths),
    rhizomeStepMm: typed.rhizomeStepMm.trim() === '' ? null : lengthIn(typed.rhizomeStepMm),
    growthsAYear: optional(typed.growthsAYear),
    nightLeast: typed.nightLeast.trim() === '' ? null : warmthIn(typed.nightLeast),
    dayMost: typed.dayMost.trim() === '' ? null : warmthIn(typed.dayMost),
    rootSpeed: typed.rootSpeed.trim() === '' ? null : lengthIn(typed.rootSpeed),
    rootsHidden: typed.rootsHidden === '' ? null : typed.rootsHidden === 'true',
  };
}

/** The names of the entries, as faults name them. */
export const TRAITS = Object.keys(typedTraits({}));
