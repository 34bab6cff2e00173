import type { Schemas } from '$lib/interface/schemas';

type Slip = Schemas['Slip'];
type Reason = Schemas['ReasonLine'];

/** The reasons of a slip in the order in which they are read. */
export interface Sorted {
  /** Those that carried the verdict, three at the most. */
  carried: Reason[];
  /** What speaks against it. */
  contrary: Reason[];
  /** What else was weighed. */
  rest: Reason[];
}

/** Whether a slip has the plant taken out of its place, now or once it is ready. */
function moves(slip: Slip): boolean {
  return slip.family !== 'LEAVE_ALONE';
}

/** First what carried the verdict, then what speaks against it, then the rest. */
export function sorted(slip: Slip): Sorted {
  const others = slip.reasons.filter((reason) => !reason.carries);
  const speaksAgainst = (reason: Reason) =>
    moves(slip)
      ? reason.side === 'AGAINST' && (reason.scale === 'LOSS' || reason.scale === 'READINESS')
      : reason.side === 'FOR' && reason.points > 0;
  return {
    carried: slip.reasons.filter((reason) => reason.carries),
    contrary: others.filter(speaksAgainst),
    rest: others.filter((reason) => !speaksAgainst(reason)),
  };
}

/** How much a reason counts, in a word or two; nothing where it counts nothing. */
export function points(reason: Reason): string {
  if (reason.scale === 'HAZARD') return reason.points ? 'now' : '';
  if (!reason.points) return '';
  return {
    NEED: `need ${reason.points}`,
    READINESS: `ready ${reason.points}`,
    LOSS: `ready −${reason.points}`,
    NO_REASON: '',
  }[reason.scale];
}
