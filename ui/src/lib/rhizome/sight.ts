import { scaleLinear } from 'd3-scale';
import type { Spot } from './map';

/** How wide and high a drawing is, in its own measure. */
export const SIZE = 400;

/** Where mm lie in the drawing, and how long one is. */
export interface Sight {
  x: (mm: number) => number;
  y: (mm: number) => number;
  scale: number;
}

/** A drawing that reaches so many mm to all sides of a place. */
export function sightOf(middle: Spot, halfMm: number): Sight {
  return {
    x: scaleLinear([middle.x - halfMm, middle.x + halfMm], [0, SIZE]),
    y: scaleLinear([middle.y - halfMm, middle.y + halfMm], [SIZE, 0]),
    scale: SIZE / 2 / halfMm,
  };
}
