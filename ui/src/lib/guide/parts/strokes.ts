/** A place in a drawing of 120 by 84. */
export type Point = readonly [x: number, y: number];

function middle([x1, y1]: Point, [x2, y2]: Point, bend: number): Point {
  const long = Math.hypot(x2 - x1, y2 - y1) || 1;
  return [(x1 + x2) / 2 + ((y2 - y1) / long) * bend, (y1 + y2) / 2 - ((x2 - x1) / long) * bend];
}

/** A line from one place to another that bows out to its left. */
export function bow(from: Point, to: Point, bend: number): string {
  const at = middle(from, to, bend);
  return `M${from[0]} ${from[1]}Q${at[0]} ${at[1]} ${to[0]} ${to[1]}`;
}

/** The place a part of the way along such a line, and the way it goes there, in degrees. */
export function along(
  from: Point,
  to: Point,
  bend: number,
  part: number,
): { x: number; y: number; turn: number } {
  const at = middle(from, to, bend);
  const point = (i: 0 | 1) =>
    (1 - part) ** 2 * from[i] + 2 * part * (1 - part) * at[i] + part ** 2 * to[i];
  const slope = (i: 0 | 1) => (1 - part) * (at[i] - from[i]) + part * (to[i] - at[i]);
  return { x: point(0), y: point(1), turn: (Math.atan2(slope(1), slope(0)) * 180) / Math.PI };
}

/** A blade, such as a leaf, from its base to its tip. */
export function blade(from: Point, to: Point, bend: number, width: number): string {
  const one = middle(from, to, bend + width);
  const other = middle(from, to, bend - width);
  return `M${from[0]} ${from[1]}Q${one[0]} ${one[1]} ${to[0]} ${to[1]}Q${other[0]} ${other[1]} ${from[0]} ${from[1]}z`;
}
