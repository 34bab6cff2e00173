import type { Schemas } from '$lib/interface/schemas';

/** Which plants stand at each place, in their order. */
export type Order = Record<number, number[]>;

type Standing = Pick<Schemas['PlantLine'], 'id' | 'placeId' | 'stand'>;

/** Plants as the program has them stand. */
export function standing(places: { id: number }[], plants: Standing[]): Order {
  const order: Order = {};
  for (const { id } of places)
    order[id] = plants
      .filter((plant) => plant.placeId === id)
      .sort((a, b) => a.stand - b.stand)
      .map((plant) => plant.id);
  return order;
}

/** The order if a plant stood at a turn in a place. */
export function moved(order: Order, plant: number, place: number, at: number): Order {
  const others = Object.fromEntries(
    Object.entries(order).map(([key, ids]) => [key, ids.filter((each) => each !== plant)]),
  ) as Order;
  others[place] = (others[place] ?? []).toSpliced(at, 0, plant);
  return others;
}

/**
 * Where an arrow carries a plant: along its place, or to the place before or after.
 *
 * @returns nothing if there is no such place
 */
export function carriedBy(
  arrow: string,
  order: Order,
  places: { id: number }[],
  place: number,
  at: number,
): { place: number; at: number } | undefined {
  const last = order[place]!.length - 1;
  if (arrow === 'ArrowLeft') return { place, at: Math.max(0, at - 1) };
  if (arrow === 'ArrowRight') return { place, at: Math.min(last, at + 1) };
  const here = places.findIndex((each) => each.id === place);
  const to = places[here + (arrow === 'ArrowUp' ? -1 : 1)];
  return to && { place: to.id, at: order[to.id]!.length };
}

/** The places if one were walked to earlier or later. */
export function walked(places: number[], place: number, by: number): number[] {
  const at = places.indexOf(place);
  return places.toSpliced(at, 1).toSpliced(at + by, 0, place);
}
