import type { Schemas } from '$lib/interface/schemas';

const MONTHS_A_YEAR = 12;
/** Under so many months they are said as months. */
const FEW_MONTHS = 18;

/** For how long a pot has room, as it is read at arm's length. */
export function roomSaid({ fits, years }: Pick<Schemas['SeatRoom'], 'fits' | 'years'>): string {
  if (!fits) return 'no room';
  if (years == null) return 'room enough';
  const months = Math.round(years * MONTHS_A_YEAR);
  if (months < FEW_MONTHS) return months === 1 ? '1 month' : `${months} months`;
  const halves = Math.round(years * 2);
  return `${Math.floor(halves / 2)}${halves % 2 ? '½' : ''} years`;
}
