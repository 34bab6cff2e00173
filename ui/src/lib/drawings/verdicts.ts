import type { Schemas } from '$lib/api/client';

export type Verdict = Schemas['Slip']['verdict'];

/** The hue of each verdict; its shape is drawn by VerdictMark. */
export const HUE: Record<Verdict, 'moss' | 'ochre' | 'plum' | 'clay'> = {
  LEAVE: 'moss',
  WATCH: 'ochre',
  WAIT_FOR: 'ochre',
  REPOT_NOW: 'plum',
  RESCUE: 'clay',
};

/** The order in which plants want a hand. */
export const URGENCY: Verdict[] = ['RESCUE', 'REPOT_NOW', 'WAIT_FOR', 'WATCH', 'LEAVE'];
