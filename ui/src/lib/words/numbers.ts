/** A typed number; what is none is sent as it was typed, so that the answer names the field. */
export function number(typed: string): number {
  const value = Number(typed.trim().replace(',', '.'));
  return typed.trim() === '' || Number.isNaN(value) ? (typed as unknown as number) : value;
}

/** A typed number, or nothing where nothing was typed. */
export function optional(typed: string): number | null {
  return typed.trim() === '' ? null : number(typed);
}

/** A number as it stands in an entry; empty where there is none. */
export function shown(value: number | null | undefined): string {
  return value == null ? '' : String(value);
}

/**
 * A typed number of something that is kept in a smaller measure, such as litres kept in ml; nothing
 * where nothing was typed.
 */
export function times(typed: string, factor: number): number {
  if (typed.trim() === '') return null as unknown as number;
  const value = number(typed);
  return typeof value === 'number' ? value * factor : value;
}

/** A number as it is typed to be reckoned with at once; nothing while it is none. */
export function numberOf(typed: string): number | undefined {
  const value = number(typed);
  return typeof value === 'number' ? value : undefined;
}
