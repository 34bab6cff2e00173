import type { Schemas } from '$lib/api/client';
import { lengthIn, lengthOut } from '$lib/words/units.svelte';

/** A pot as it is typed, in the chosen unit of length. */
export interface TypedPot {
  type: string;
  diameter: string;
  depth: string;
  topLayer: string;
}

export const NO_POT: TypedPot = { type: 'UNKNOWN', diameter: '', depth: '', topLayer: '' };

/** The pot a plant stands in, to be typed over. */
export function typedPot(potting: Schemas['PottingView']): TypedPot {
  return {
    type: potting.pot,
    diameter: potting.diameterMm == null ? '' : lengthOut(potting.diameterMm),
    depth: potting.depthMm == null ? '' : lengthOut(potting.depthMm),
    topLayer: potting.topLayer,
  };
}

export function sentPot(typed: TypedPot): Schemas['PotEntry'] {
  return {
    type: typed.type as Schemas['PotEntry']['type'],
    diameterMm: typed.diameter.trim() === '' ? null : lengthIn(typed.diameter),
    depthMm: typed.depth.trim() === '' ? null : lengthIn(typed.depth),
    topLayer: typed.topLayer,
  };
}
