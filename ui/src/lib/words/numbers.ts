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
