import type { Schemas } from '$lib/interface/schemas';
import { plusDays } from '$lib/words/dates';

const WEEK = 7;

/** What of a year falls on one day. */
export interface WeekDay {
  day: string;
  away: boolean;
  round?: Schemas['RoundAhead'];
  bench?: Schemas['DayPlanned'];
  /** Plants whose verdict means a move from this day on at the soonest, and until it at the latest. */
  opens: Schemas['YearLine'][];
  closes: Schemas['YearLine'][];
  /** Whose medium turns due. */
  due: Schemas['YearLine'][];
}

/** The Monday of the week of a day. */
export function mondayOf(day: string): string {
  const weekday = new Date(`${day}T00:00:00Z`).getUTCDay();
  return plusDays(day, -((weekday + 6) % WEEK));
}

/** The seven days from a Monday on. */
export function daysOf(
  monday: string,
  today: string,
  lines: Schemas['YearLine'][],
  rounds: Schemas['RoundAhead'][],
  bench: Schemas['DayPlanned'][],
  away: Schemas['AwayEntry'][],
): WeekDay[] {
  return Array.from({ length: WEEK }, (_, i) => plusDays(monday, i)).map((day) => ({
    day,
    away: away.some(({ from, to }) => from <= day && day <= to),
    round: rounds.find((each) => each.day === day),
    bench: bench.find((each) => each.on === day),
    opens: lines.filter(({ meant }) => meant?.waits && meant.from === day && day > today),
    closes: lines.filter(({ meant }) => meant && !meant.waits && meant.until === day),
    due: lines.filter(({ due }) => due === day && day > today),
  }));
}

/** Whether anything is on a day. */
export const empty = ({ round, bench, opens, closes, due }: WeekDay): boolean =>
  !round && !bench && !opens.length && !closes.length && !due.length;
