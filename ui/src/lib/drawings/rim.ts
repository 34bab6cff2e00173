/** A growth on the way to the rim: where it stands and whether it is there yet. */
export interface Step {
  x: number;
  coming: boolean;
  past: boolean;
}

const MOST_COMING = 6;

/**
 * The lead and the growths to come, seen from above: mm from the rim become places on a strip with
 * the rim at `rimX`. Past the rim at least one growth is drawn, so that it is plain where it leads.
 */
export function steps(
  mm: number,
  stepMm: number,
  pxAMm: number,
  rimX: number,
  widest: number,
): Step[] {
  const all: Step[] = [];
  for (let n = 0; n <= MOST_COMING; n++) {
    const left = mm - n * stepMm;
    const x = rimX - left * pxAMm;
    if (x > widest) break;
    all.push({ x, coming: n > 0, past: left < 0 });
    if (left < 0) break;
  }
  return all;
}

/** So many pixels to the mm that the whole room fits between the left edge and the rim. */
export function scale(mm: number, stepMm: number, room: number): number {
  return room / Math.max(mm, 2 * stepMm, 20);
}
