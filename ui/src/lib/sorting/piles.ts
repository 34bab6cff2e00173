import type { Verdict } from '$lib/drawings/verdicts';

/** The piles a grower ends a walk with, the most urgent first. */
export const PILES: { key: string; title: string; hue: string; verdicts: Verdict[] }[] = [
  { key: 'now', title: 'Now', hue: 'clay', verdicts: ['RESCUE', 'LET_GO'] },
  { key: 'repot', title: 'Repot', hue: 'plum', verdicts: ['FULL_REPOT', 'PART_REPOT', 'MOVE_UP'] },
  { key: 'divide', title: 'Divide', hue: 'plum', verdicts: ['DIVIDE'] },
  { key: 'look', title: 'Lift and look', hue: 'ochre', verdicts: ['LIFT_AND_LOOK'] },
  { key: 'wait', title: 'Wait', hue: 'ochre', verdicts: ['WAIT_FOR'] },
  { key: 'watch', title: 'Watch', hue: 'ochre', verdicts: ['WATCH'] },
  { key: 'care', title: 'Adjust care', hue: 'slate', verdicts: ['ADJUST_CARE'] },
  { key: 'leave', title: 'Leave', hue: 'moss', verdicts: ['LEAVE'] },
];

/** The pile of those that were given away or lost. */
export const GONE = 'gone';
