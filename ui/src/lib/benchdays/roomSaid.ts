import type { Schemas } from '$lib/interface/schemas';
import { timeSaid } from '$lib/words/minutes';

/** How full a bench day is. */
export function roomSaid({ taken, minutes, done }: Schemas['DayPlanned']): string {
  const filled = `${timeSaid(taken)} of ${timeSaid(minutes)}`;
  return done ? `${filled}, ${timeSaid(done)} done already` : filled;
}
