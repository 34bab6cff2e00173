import type { Schemas } from '$lib/interface/schemas';
import { count } from '$lib/words/counts';
import { short } from '$lib/words/dates';

/** Why there is a round on its day, in a sentence without its full stop. */
export function why({ needed, looks }: Schemas['RoundAhead'], today: string): string {
  const missed = looks.filter(({ caught }) => caught === 'OVERDUE').length;
  const outside = looks.filter(({ caught }) => caught === 'OUTSIDE').length;
  const reasons = [];
  if (needed) {
    const last = needed.late === today ? 'today' : short(needed.late, today);
    reasons.push(`“${needed.title}” of ${needed.name} can wait no longer than ${last}`);
  }
  if (missed) reasons.push(`${count(missed, 'look was', 'looks were')} missed`);
  if (outside)
    reasons.push(
      `for ${count(outside, 'look')} no day of yours lies in time, and this is the nearest`,
    );
  const said = reasons.join('; ');
  return said.charAt(0).toUpperCase() + said.slice(1);
}
