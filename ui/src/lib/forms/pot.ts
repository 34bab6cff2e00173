import type { Schemas } from '$lib/interface/schemas';
import { lengthOut, measuredBack, retyped, type Written } from '$lib/words/units.svelte';

/** A pot as it is typed, in the chosen unit of length. */
export interface TypedPot {
  type: string;
  diameter: string;
  depth: string;
  topLayer: string;
}

export const NO_POT: TypedPot = { type: 'UNKNOWN', diameter: '', depth: '', topLayer: '' };

/** The pot a plant stands in, to be typed over. */
export function typedPot(
  potting: Pick<Schemas['PottingView'], 'pot' | 'diameterMm' | 'depthMm' | 'topLayer'>,
): TypedPot {
  return {
    type: potting.pot,
    diameter: potting.diameterMm == null ? '' : lengthOut(potting.diameterMm),
    depth: potting.depthMm == null ? '' : lengthOut(potting.depthMm),
    topLayer: potting.topLayer,
  };
}

/**
 * The pot as it is sent.
 *
 * @param known what was typed over; what was left alone goes back as it was
 */
export function sentPot(
  typed: TypedPot,
  known?: Pick<Schemas['PottingView'], 'diameterMm' | 'depthMm'>,
): Schemas['PotEntry'] {
  const mm = (entry: string, was: number | null | undefined) =>
    entry.trim() === '' ? null : measuredBack(entry, 'mm', was);
  return {
    type: typed.type as Schemas['PotEntry']['type'],
    diameterMm: mm(typed.diameter, known?.diameterMm),
    depthMm: mm(typed.depth, known?.depthMm),
    topLayer: typed.topLayer,
  };
}

/** A pot that was typed in other units. */
export function retypedPot(typed: TypedPot, from: Written): TypedPot {
  return {
    ...typed,
    diameter: retyped(typed.diameter, 'mm', from),
    depth: retyped(typed.depth, 'mm', from),
  };
}
