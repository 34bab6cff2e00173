import { parse } from '$lib/words/dates';

/** The days of the week, as the program names them and as they are said. */
export const WEEKDAYS = [
  ['MONDAY', 'Mon'],
  ['TUESDAY', 'Tue'],
  ['WEDNESDAY', 'Wed'],
  ['THURSDAY', 'Thu'],
  ['FRIDAY', 'Fri'],
  ['SATURDAY', 'Sat'],
  ['SUNDAY', 'Sun'],
] as const;

/** The day of the week of a day. */
export const weekday = (day: string): string => WEEKDAYS[(parse(day).getUTCDay() + 6) % 7]![1];
