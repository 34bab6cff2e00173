import type { Schemas } from '$lib/interface/schemas';

/** In which colour what came of a move is drawn; its words always stand beside it. */
export function tintOf(outcome: Schemas['MoveView']['outcome']): string {
  switch (outcome) {
    case 'RE_ESTABLISHED':
      return 'moss';
    case 'SLOW':
      return 'ochre';
    case 'SET_BACK':
    case 'LOST':
      return 'clay';
    default:
      return 'rule';
  }
}

/** The colour of an interval, by how it stands to what is assumed. */
export function tintAgainst(against: Schemas['ChanceLine']['against']): string {
  switch (against) {
    case 'BETTER':
    case 'WORSE':
      return 'plum';
    case 'PERHAPS_BETTER':
    case 'PERHAPS_WORSE':
      return 'ochre';
    default:
      return 'moss';
  }
}
