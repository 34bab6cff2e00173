/** A number as it is typed, with a comma or a point; nothing while it is none. */
export function numberOf(typed: string): number | undefined {
  const text = typed.trim().replace(',', '.');
  const value = Number(text);
  return text === '' || Number.isNaN(value) ? undefined : value;
}

/** A number as it is read, with as few digits as say enough. */
export function rounded(value: number): string {
  return String(Number(value.toPrecision(3)));
}
