import type { Schemas } from '$lib/interface/schemas';

export type PlantMap = Schemas['MapEntry'];
export type Growth = Schemas['GrowthEntry'];
/** What follows for a growth from the whole map, as the program says. */
export type Mark = Schemas['GrowthMark'];
/** One change of a map that the program draws. */
export type MapChange = Omit<Schemas['MapAsked'], 'map'>;

/** A place seen from above, mm: x towards 3 o'clock, y towards 12 o'clock. */
export interface Spot {
  x: number;
  y: number;
}

const WHOLE_TURN = 360;

export const spot = (growth: Growth): Spot => ({ x: growth.x ?? 0, y: growth.y ?? 0 });

/** Degrees clockwise from 12 o'clock. */
export function degrees({ x, y }: Spot): number {
  return ((Math.atan2(x, y) * 180) / Math.PI + WHOLE_TURN) % WHOLE_TURN;
}

export function towards(heading: number, mm: number): Spot {
  const turned = (heading * Math.PI) / 180;
  return { x: mm * Math.sin(turned), y: mm * Math.cos(turned) };
}

export function named(map: PlantMap, name: string): Growth | undefined {
  return map.growths.find((growth) => growth.name === name);
}

export function changed(map: PlantMap, name: string, more: Partial<Growth>): PlantMap {
  return {
    ...map,
    growths: map.growths.map((growth) => (growth.name === name ? { ...growth, ...more } : growth)),
  };
}

export function moved(map: PlantMap, name: string, by: Spot): PlantMap {
  const at = spot(named(map, name)!);
  return changed(map, name, { x: at.x + by.x, y: at.y + by.y });
}

/** How far a drawing reaches from its middle, mm. */
export function reach(map: PlantMap, radiusMm: number, middle: Spot): number {
  return Math.max(
    ...map.growths.map(
      (growth) => Math.hypot(spot(growth).x - middle.x, spot(growth).y - middle.y) + radiusMm,
    ),
  );
}

/** Those growths alone, with what joins them. */
export function part(map: PlantMap, names: string[]): PlantMap {
  return {
    growths: map.growths.filter(({ name }) => names.includes(name)),
    joints: map.joints.filter(({ one, other }) => names.includes(one) && names.includes(other)),
  };
}

/** The middle of what is drawn. */
export function centre(map: PlantMap): Spot {
  const between = (all: number[]) => (Math.min(...all) + Math.max(...all)) / 2;
  const spots = map.growths.map(spot);
  return { x: between(spots.map(({ x }) => x)), y: between(spots.map(({ y }) => y)) };
}
