import { forceCollide, forceSimulation, forceX, forceY, type SimulationNodeDatum } from 'd3-force';

/** A plant on the field, where it wants to be and where it has room. */
export interface Spot extends SimulationNodeDatum {
  id: number;
  wantX: number;
  wantY: number;
  x: number;
  y: number;
}

/** A name beside its spot. */
export interface Label {
  id: number;
  text: string;
  x: number;
  y: number;
}

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** How hard a spot is pulled to where it wants to be; weak, so that a crowd has room. */
const PULL = 0.04;
/** At the end they are only moved apart. */
const APART_ONLY = 60;
/** The more spots, the fewer steps: thousands are laid out in about a second. */
const WORK = 80_000;
const FEWEST_STEPS = 60;
const MOST_STEPS = 240;

/** Moves spots apart until none lies on another, each as near as may be to where it wants to be. */
export function spread(
  wanted: { id: number; x: number; y: number }[],
  radius: number,
  width: number,
  height: number,
): Spot[] {
  const spots = wanted.map(({ id, x, y }) => ({ id, wantX: x, wantY: y, x, y }));
  const steps = Math.max(FEWEST_STEPS, Math.min(MOST_STEPS, Math.round(WORK / wanted.length)));
  const simulation = forceSimulation(spots)
    .force('x', forceX<Spot>((spot) => spot.wantX).strength(PULL))
    .force('y', forceY<Spot>((spot) => spot.wantY).strength(PULL))
    .force('apart', forceCollide<Spot>(radius).strength(0.8).iterations(2))
    .stop()
    .tick(steps)
    .force('x', null)
    .force('y', null);
  for (let step = 0; step < APART_ONLY; step++) {
    simulation.tick();
    for (const spot of spots) {
      spot.x = Math.max(radius, Math.min(width - radius, spot.x));
      spot.y = Math.max(radius, Math.min(height - radius, spot.y));
    }
  }
  return spots;
}

/** So many others about a spot make a crowd. */
const CROWD = 4;

/** Whether a spot lies so close among others that one can hardly be picked. */
export function crowded(spot: Spot, spots: Spot[], radius: number): boolean {
  const near = radius * 3;
  return (
    spots.filter((other) => Math.hypot(other.x - spot.x, other.y - spot.y) < near).length > CROWD
  );
}

function overlap(a: Box, b: Box): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}

/**
 * Names for as many spots as have room for one, in the order given; no name lies over another, over
 * a spot, or out of the frame.
 */
export function labels(
  named: { id: number; text: string }[],
  spots: Spot[],
  radius: number,
  width: number,
  height: number,
): Label[] {
  const byId = new Map(spots.map((spot) => [spot.id, spot]));
  const taken: Box[] = spots.map((spot) => ({
    left: spot.x - radius,
    right: spot.x + radius,
    top: spot.y - radius,
    bottom: spot.y + radius,
  }));
  const placed: Label[] = [];
  for (const { id, text } of named) {
    const spot = byId.get(id);
    if (!spot) continue;
    const wide = text.length * 6.6 + 4;
    const level = Math.max(0, Math.min(width - wide, spot.x - wide / 2));
    const places = [
      { x: spot.x + radius + 4, y: spot.y },
      { x: spot.x - radius - 4 - wide, y: spot.y },
      { x: level, y: spot.y - radius - 9 },
      { x: level, y: spot.y + radius + 9 },
    ];
    for (const { x, y } of places) {
      const box = { left: x, right: x + wide, top: y - 8, bottom: y + 8 };
      const inside = box.left >= 0 && box.right <= width && box.top >= 0 && box.bottom <= height;
      if (inside && !taken.some((other) => overlap(box, other))) {
        taken.push(box);
        placed.push({ id, text, x, y });
        break;
      }
    }
  }
  return placed;
}
