import type { Schemas } from '$lib/interface/schemas';

export type Verdict = Schemas['Slip']['verdict'];

/** The hue of each verdict; its shape is drawn by VerdictMark. */
export const HUE: Record<Verdict, 'moss' | 'ochre' | 'slate' | 'plum' | 'clay'> = {
  LEAVE: 'moss',
  WATCH: 'ochre',
  ADJUST_CARE: 'slate',
  LIFT_AND_LOOK: 'ochre',
  WAIT_FOR: 'ochre',
  MOVE_UP: 'plum',
  PART_REPOT: 'plum',
  FULL_REPOT: 'plum',
  DIVIDE: 'plum',
  RESCUE: 'clay',
  LET_GO: 'clay',
};
