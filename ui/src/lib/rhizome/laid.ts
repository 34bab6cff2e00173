import type { Schemas } from '$lib/interface/schemas';

/** A photograph from above, in the scale of the drawing. */
export interface Laid {
  photo: Schemas['Photo'];
  mmAPixel: number;
  /** The middle of its rim, in pixels of the picture. */
  middle: { x: number; y: number };
}

interface Point {
  x: number;
  y: number;
}

/** Two points of the rim right across from each other give scale and middle. */
export function laid(photo: Schemas['Photo'], one: Point, other: Point, rimMm: number): Laid {
  return {
    photo,
    mmAPixel: rimMm / Math.hypot(other.x - one.x, other.y - one.y),
    middle: { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 },
  };
}

/**
 * Where the picture lies on a drawing.
 *
 * @param size of the drawing, whose middle shows `middle` in mm from the middle of the old pot
 */
export function placed(laid: Laid, scale: number, middle: Point, size: number) {
  const grow = laid.mmAPixel * scale;
  return {
    x: size / 2 - middle.x * scale - laid.middle.x * grow,
    y: size / 2 + middle.y * scale - laid.middle.y * grow,
    width: laid.photo.width * grow,
    height: laid.photo.height * grow,
  };
}
