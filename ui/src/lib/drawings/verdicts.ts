import type { Schemas } from '$lib/api/client';

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

/** The order in which plants want a hand. */
export const URGENCY: Verdict[] = [
  'RESCUE',
  'LET_GO',
  'DIVIDE',
  'FULL_REPOT',
  'PART_REPOT',
  'MOVE_UP',
  'LIFT_AND_LOOK',
  'WAIT_FOR',
  'ADJUST_CARE',
  'WATCH',
  'LEAVE',
];

const AT_THE_PLACE: Verdict[] = [
  'RESCUE',
  'LET_GO',
  'DIVIDE',
  'FULL_REPOT',
  'PART_REPOT',
  'MOVE_UP',
];

/** Whether the plant is to be taken to the bench now. */
export function now(verdict: Verdict): boolean {
  return AT_THE_PLACE.includes(verdict) || verdict === 'LIFT_AND_LOOK';
}

/** Whether blades and media come into play, so that the cautions are shown. */
export function atThePlace(verdict: Verdict): boolean {
  return AT_THE_PLACE.includes(verdict);
}
