import type { Schemas } from '$lib/interface/schemas';
import { count } from '$lib/words/counts';
import { long } from '$lib/words/dates';
import { timeSaid } from '$lib/words/minutes';

export type PartAhead = Schemas['PartAhead'];
export type Sized = 'months' | 'weeks';

const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
const LETTERS = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });

/** Months are counted in moves; weeks in hours, against those that they have. */
export function counted(part: PartAhead, size: Sized): Schemas['CountAhead'] {
  if (size === 'months') return part.jobs;
  const { least, expected, most } = part.minutes;
  return { least: least / 60, expected: expected / 60, most: most / 60 };
}

/** Hours of a week that there are for them; nothing where nobody said. */
export const roomOf = (part: PartAhead) => (part.room ? part.room.minutes / 60 : undefined);

/** "March 2027", "the week of Monday 1 March". */
export function named(part: PartAhead, size: Sized): string {
  return size === 'months' ? MONTH.format(new Date(part.from)) : `the week of ${long(part.from)}`;
}

/** What stands under a bar: its month, or the month of a week that is the first to begin in it. */
export function under(part: PartAhead, before: PartAhead | undefined): string {
  const month = part.from.slice(0, 7);
  return before?.from.slice(0, 7) === month ? '' : LETTERS.format(new Date(part.from));
}

/** "about 7 moves (4 to 11)". */
export function ranged(range: Schemas['CountAhead']): string {
  const about = count(Math.round(range.expected), 'move');
  return range.least === range.most ? about : `about ${about} (${range.least} to ${range.most})`;
}

/** All that a bar says. */
export function said(part: PartAhead, size: Sized): string {
  if (!part.jobs.most) return `${named(part, size)}: no move`;
  const moves = `${named(part, size)}: ${ranged(part.jobs)}`;
  return `${moves}, ${timeSaid(Math.round(part.minutes.expected))} of work${roomSaid(part)}`;
}

/** The time that a week has for its moves; nothing where nobody said. */
export function roomSaid({ room }: PartAhead): string {
  if (!room) return '';
  const there = room.minutes ? `${timeSaid(room.minutes)} for it` : 'no bench day in it';
  return `, ${there}${room.overflows ? ': probably too little' : ''}`;
}

/** How likely, as a grower says it. */
export function likely(chance: number): string {
  if (chance > 0.95) return 'nearly sure';
  return chance < 0.15 ? 'hardly' : `${Math.round(chance * 10)} in 10`;
}

/** "26 looks are due in it by now"; nothing where none is. */
export const looksSaid = (part: PartAhead) =>
  part.looks ? `${count(part.looks, 'look')} booked by now` : '';
