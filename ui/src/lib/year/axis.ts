/** Where days lie on a drawing of the year that shows `width` px, a day `day` px wide. */
export interface Axis {
  x: (number: number) => number;
  /** Whether anything of it is in sight. */
  seen: (a: number, b: number) => boolean;
  /** Ends far outside are cut, so that no number grows beyond what can be drawn. */
  cut: (number: number) => number;
}

/** @param from the first day in sight */
export function axis(from: number, day: number, width: number): Axis {
  const x = (number: number) => (number - from) * day;
  return {
    x,
    seen: (a, b) => x(b) > -12 && x(a) < width + 12,
    cut: (number) => Math.max(-20, Math.min(width + 20, x(number))),
  };
}
