import type { Schemas } from '$lib/interface/schemas';

export type PlantMap = Schemas['MapEntry'];
export type Growth = Schemas['GrowthEntry'];

/** A place seen from above, mm: x towards 3 o'clock, y towards 12 o'clock. */
export interface Spot {
  x: number;
  y: number;
}

const WHOLE_TURN = 360;
const AN_HOUR = 30;

export const spot = (growth: Growth): Spot => ({ x: growth.x ?? 0, y: growth.y ?? 0 });

/** Degrees clockwise from 12 o'clock. */
export function degrees({ x, y }: Spot): number {
  return ((Math.atan2(x, y) * 180) / Math.PI + WHOLE_TURN) % WHOLE_TURN;
}

export function towards(heading: number, mm: number): Spot {
  const turned = (heading * Math.PI) / 180;
  return { x: mm * Math.sin(turned), y: mm * Math.cos(turned) };
}

/** The full hour on the clock in that direction, 1 to 12. */
export function hour(heading: number): number {
  return Math.round(heading / AN_HOUR) % 12 || 12;
}

export function named(map: PlantMap, name: string): Growth | undefined {
  return map.growths.find((growth) => growth.name === name);
}

/** The growths that hang on that one. */
export function neighbours(map: PlantMap, name: string): string[] {
  return map.joints.flatMap(({ one, other }) =>
    one === name ? [other] : other === name ? [one] : [],
  );
}

/** Where a growth goes on: as it was said, or on from the growth behind it. */
export function heading(map: PlantMap, growth: Growth): number {
  if (growth.heading != null) return growth.heading;
  const behind = neighbours(map, growth.name)[0];
  const from = behind ? spot(named(map, behind)!) : { x: 0, y: 0 };
  return degrees({ x: spot(growth).x - from.x, y: spot(growth).y - from.y });
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

/** A number that no growth of the map has. */
function free(map: PlantMap): string {
  let turn = map.growths.length + 1;
  while (named(map, String(turn))) turn++;
  return String(turn);
}

/** Where another growth is set beside one, from where it goes on; the first that is free. */
const BESIDE = [60, -60, 120, -120, 180, 30, -30, 90, -90, 150, -150];
/** Nearer than so much of a step there is another growth in the way. */
const IN_THE_WAY = 0.7;

function freeWay(map: PlantMap, growth: Growth, stepMm: number): number {
  const from = heading(map, growth);
  const free = BESIDE.find((turn) => {
    const by = towards(from + turn, stepMm);
    return map.growths.every(
      (other) =>
        Math.hypot(spot(growth).x + by.x - spot(other).x, spot(growth).y + by.y - spot(other).y) >
        IN_THE_WAY * stepMm,
    );
  });
  return from + (free ?? BESIDE[0]!);
}

/**
 * One growth more, on from that one: in front of a lead, which leads no more, or as another lead
 * beside what has grown on already.
 */
export function grown(map: PlantMap, name: string, stepMm: number): PlantMap {
  const growth = named(map, name)!;
  const leads = growth.front === 'LEAD';
  const way = leads ? heading(map, growth) : freeWay(map, growth, stepMm);
  const by = towards(way, stepMm);
  const next: Growth = {
    name: free(map),
    firmness: 'FIRM',
    roots: 3,
    newRoots: false,
    front: 'LEAD',
    x: spot(growth).x + by.x,
    y: spot(growth).y + by.y,
    heading: null,
  };
  const before = leads ? changed(map, name, { front: 'SPENT', heading: null }) : map;
  return {
    growths: [...before.growths, next],
    joints: [...before.joints, { one: name, other: next.name, natural: false }],
  };
}

/** Without that growth; what hung on it hangs together. The last one stays. */
export function without(map: PlantMap, name: string): PlantMap {
  if (map.growths.length === 1) return map;
  const [first, ...others] = neighbours(map, name);
  return {
    growths: map.growths.filter((growth) => growth.name !== name),
    joints: [
      ...map.joints.filter(({ one, other }) => one !== name && other !== name),
      ...others.map((other) => ({ one: first!, other, natural: false })),
    ],
  };
}

/** The lead at so many mm from the rim, towards an hour of the clock. */
export function atTheRim(
  map: PlantMap,
  name: string,
  toRimMm: number,
  clock: number,
  potMm: number,
  middle: Spot,
): PlantMap {
  const out = towards(clock * AN_HOUR, potMm / 2 - toRimMm);
  return changed(map, name, { x: middle.x + out.x, y: middle.y + out.y });
}

/** Into which piece each growth falls once these joints are cut, by its turn among the pieces. */
export function pieces(map: PlantMap, cuts: number[]): Map<string, number> {
  const piece = new Map<string, number>();
  let turn = 0;
  for (const { name } of map.growths) {
    if (piece.has(name)) continue;
    const open = [name];
    for (let next = open.pop(); next !== undefined; next = open.pop()) {
      piece.set(next, turn);
      for (const [i, { one, other }] of map.joints.entries()) {
        const beyond = one === next ? other : other === next ? one : undefined;
        if (!cuts.includes(i) && beyond !== undefined && !piece.has(beyond)) open.push(beyond);
      }
    }
    turn++;
  }
  return piece;
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
