import type { Schemas } from '$lib/interface/schemas';
import { count } from '$lib/words/counts';

export type Course = Schemas['RunningCourse'];
export type Treated = Schemas['TreatedPlant'];
export type Neighbour = Schemas['NeighbourPlant'];

/** "against pests, 3 treatments, 7 days apart". */
export function planOf({ against, times, everyDays }: Course): string {
  const treatments = count(times, 'treatment');
  return `against ${against.toLowerCase()}, ${treatments}${
    times > 1 ? `, ${count(everyDays, 'day')} apart` : ''
  }`;
}

/** Those that want something today, or are done with. */
export function dueOf({ plants, neighbours }: Course): number[] {
  return [
    ...plants.filter(({ treatNow, lookNow, over }) => treatNow || lookNow || over),
    ...neighbours.filter(({ lookNow, over }) => lookNow || over),
  ].map(({ plantId }) => plantId);
}

/** Of those that are chosen, whom a button is for. */
export function aimedAt({ plants, neighbours }: Course, chosen: number[]) {
  const of = <T extends { plantId: number }>(all: T[]) =>
    all.filter(({ plantId }) => chosen.includes(plantId));
  const ids = (all: { plantId: number }[]) => all.map(({ plantId }) => plantId);
  return {
    treat: ids(of(plants).filter(({ treatNow }) => treatNow)),
    clean: ids([...of(plants), ...of(neighbours)].filter(({ over }) => !over)),
    join: ids(of(neighbours).filter(({ found }) => found)),
    end: ids([...of(plants), ...of(neighbours)].filter(({ over }) => over)),
    early: ids([...of(plants), ...of(neighbours)].filter(({ over }) => !over)),
  };
}
