import type { Schemas } from '$lib/interface/schemas';
import { count } from '$lib/words/counts';
import { plusDays, span } from '$lib/words/dates';

/** A week of the year in words, with what falls into it once that is known. */
export function weekSaid(
  { from }: Schemas['Week'],
  mark: Schemas['YearWeek'] | undefined,
  today: string,
): string {
  const parts = mark
    ? [
        mark.looks && count(mark.looks, 'look'),
        mark.opening && `${count(mark.opening, 'window')} opening`,
        mark.bench && 'bench day',
      ].filter(Boolean)
    : [];
  return `${span(from, plusDays(from, 6), today)}${parts.length ? `: ${parts.join(', ')}` : ''}`;
}
