import { sentMix, type TypedPart } from '$lib/forms/mix';
import { sentPot, type TypedPot } from '$lib/forms/pot';
import type { Schemas } from '$lib/interface/schemas';

/** A repot while it is typed. */
export interface TypedRepot {
  on: string;
  pottedOn: string;
  mix: TypedPart[];
  moisture: Schemas['MoistureChoice']['moisture'];
  pot: TypedPot;
  note: string;
}

/** It as it is sent, in place of what it corrects. */
export function sentRepot(
  typed: TypedRepot,
  of: {
    corrects: string | undefined;
    /** Whether it is what the plant came in. */
    cameIn: boolean;
    before: Schemas['PottingView'] | undefined;
  },
): Schemas['Repot'] {
  return {
    on: typed.on,
    mix: sentMix(typed.mix),
    moisture: typed.moisture,
    pot: sentPot(typed.pot, of.before),
    note: typed.note,
    corrects: of.corrects ?? null,
    pottedOn: of.cameIn ? typed.pottedOn : null,
  };
}
