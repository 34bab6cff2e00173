import { plusDays } from './dates';

/**
 * A typed day as an ISO day: "2027-5-9", "20270509", "today", "yesterday" or "-3" for three days
 * ago. What is none of these is sent as it was typed, so that the answer names the field.
 */
export function typedDay(typed: string, today: string): string {
  const text = typed.trim().toLowerCase();
  if (text === 'today') return today;
  if (text === 'yesterday') return plusDays(today, -1);
  if (/^-\d{1,3}$/.test(text)) return plusDays(today, Number(text));
  const parts = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text) ?? /^(\d{4})(\d{2})(\d{2})$/.exec(text);
  if (!parts) return typed.trim();
  return `${parts[1]}-${parts[2]!.padStart(2, '0')}-${parts[3]!.padStart(2, '0')}`;
}

/** The day after or before a typed one; today where none is typed yet. */
export function besideTyped(typed: string, today: string, days: number): string {
  const day = typedDay(typed, today);
  return isDay(day) ? plusDays(day, days) : today;
}

function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(`${text}T00:00:00Z`));
}
