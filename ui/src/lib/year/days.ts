import { daysBetween, plusDays } from '$lib/words/dates';

const FIRST = '1970-01-01';

/** Days since 1970; what is drawn is counted in them. */
export const dayNumber = (day: string): number => daysBetween(FIRST, day);

/** The ISO day of such a number. */
export const isoDay = (number: number): string => plusDays(FIRST, Math.round(number));

/** What is seen of the time: from which day, and how many. */
export interface View {
  from: number;
  days: number;
}

export const LEAST_DAYS = 7;
export const MOST_DAYS = 9131;

/** A view so many times as wide about a day. */
export function zoomed({ from, days }: View, times: number, about: number): View {
  const wide = Math.min(MOST_DAYS, Math.max(LEAST_DAYS, days * times));
  return { from: about - ((about - from) * wide) / days, days: wide };
}

/** A view further on, by a share of its days; back if that is negative. */
export const pushed = ({ from, days }: View, share: number): View => ({
  from: from + days * share,
  days,
});

/** The views that have a name: how far they go, and how much of it lies before today. */
export const LEVELS = [
  { name: 'decade', days: 3652, before: 0.8 },
  { name: 'year', days: 366, before: 0.15 },
  { name: 'quarter', days: 92, before: 0.15 },
  { name: 'month', days: 31, before: 0.1 },
  { name: 'week', days: 7, before: 0.15 },
] as const;

/** The named view about a day. */
export const viewOf = ({ days, before }: (typeof LEVELS)[number], today: number): View => ({
  from: today - days * before,
  days,
});
