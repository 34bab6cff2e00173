const DAY = 86_400_000;

/** Midnight UTC of an ISO day, so that no time zone moves it. */
export function parse(day: string): Date {
  return new Date(`${day}T00:00:00Z`);
}

function format(day: string, options: Intl.DateTimeFormatOptions): string {
  return new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' }).format(parse(day));
}

let iso = false;

/** Whether days are written 2027-05-16, which is the same in every language. */
export function writeIso(wanted: boolean): void {
  iso = wanted;
}

/** "16 May", with the year where it is not this one. */
export function short(day: string, today: string): string {
  if (iso) return day;
  const sameYear = day.slice(0, 4) === today.slice(0, 4);
  return format(day, {
    day: 'numeric',
    month: 'short',
    ...(sameYear ? {} : { year: 'numeric' }),
  });
}

/** "Saturday 16 May". */
export function long(day: string): string {
  return format(day, { weekday: 'long', day: 'numeric', month: 'long' }).replace(',', '');
}

/** Whole days from one ISO day to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((parse(to).getTime() - parse(from).getTime()) / DAY);
}

/** "today", "yesterday" or "12 days ago". */
export function ago(days: number): string {
  if (days < 1) return 'today';
  return days === 1 ? 'yesterday' : `${days} days ago`;
}

/** An ISO day so many days later. */
export function plusDays(day: string, days: number): string {
  return new Date(parse(day).getTime() + days * DAY).toISOString().slice(0, 10);
}

/** "16 May 2027", "May 2027", "2027" or "on an unknown day", from a day, a month, a year or "unknown". */
export function partial(text: string): string {
  if (text === 'unknown') return 'on an unknown day';
  if (iso) return text;
  if (text.length === 10) return format(text, { day: 'numeric', month: 'short', year: 'numeric' });
  if (text.length === 7) return format(`${text}-01`, { month: 'short', year: 'numeric' });
  return text;
}

/** "9 to 24 May": from a day to a day, the first without what both share. */
export function span(from: string, to: string, today: string): string {
  if (from === to) return short(from, today);
  if (iso) return `${from} – ${to}`;
  const sameMonth = from.slice(0, 7) === to.slice(0, 7);
  const first = sameMonth ? String(parse(from).getUTCDate()) : short(from, today);
  return `${first}–${short(to, today)}`;
}
