/** A number as it is read, with as few digits as say enough. */
export function rounded(value: number): string {
  return String(Number(value.toPrecision(3)));
}
