import type { Schemas } from '$lib/interface/schemas';
import { short } from '$lib/words/dates';
import { PILES } from './piles';

type Plant = Schemas['PlantLine'];

/** What is looked for among the plants; empty is anything. */
export interface Sieve {
  sought: string;
  place: string;
  kind: string;
  approach: string;
  asideOnly: boolean;
  order: Order;
}

/** Which plants come first: those that want a hand most, or whose next move is nearest. */
export type Order = 'urgent' | 'move';

export function open(): Sieve {
  return { sought: '', place: '', kind: '', approach: '', asideOnly: false, order: 'urgent' };
}

function answers(sought: string, ...texts: string[]): boolean {
  return texts.join(' ').toLowerCase().includes(sought.trim().toLowerCase());
}

/** The plants that answer to what is looked for. */
export function sieved(
  plants: Plant[],
  { sought, place, kind, approach, asideOnly }: Sieve,
): Plant[] {
  return plants.filter(
    (plant) =>
      (!place || plant.placeId === Number(place)) &&
      (!kind || plant.kind === kind) &&
      (!approach || plant.approach === approach) &&
      (!asideOnly || plant.asideOn != null) &&
      answers(sought, plant.number, plant.name, plant.kindName, plant.placeName, plant.title),
  );
}

/** Those that are no longer here and answer to what is looked for. */
export function sievedGone(gone: Schemas['GonePlant'][], sought: string): Schemas['GonePlant'][] {
  return gone.filter((plant) =>
    answers(sought, plant.number, plant.name, plant.kindName, plant.statusWords, plant.reason),
  );
}

/** The most urgent first. */
export function mostUrgentFirst(plants: Plant[]): Plant[] {
  return plants.toSorted(
    (a, b) => a.turn - b.turn || b.need - a.need || a.number.localeCompare(b.number),
  );
}

/** Whose next move is nearest first; those of which none is expected last. */
export function nextMoveFirst(plants: Plant[]): Plant[] {
  const day = (plant: Plant) => plant.nextMove?.likely ?? '9999';
  return plants.toSorted(
    (a, b) => day(a).localeCompare(day(b)) || a.turn - b.turn || a.number.localeCompare(b.number),
  );
}

/** The plants of a pile; all of them where no pile is chosen. */
export function ofPile(plants: Plant[], key: string): Plant[] {
  const pile = PILES.find((each) => each.key === key);
  return pile ? plants.filter((plant) => pile.verdicts.includes(plant.verdict)) : plants;
}

/** The kinds that there are plants of, by their names. */
export function kindsOf(plants: Plant[]): [string, string][] {
  return [...new Map(plants.map((plant) => [plant.kind, plant.kindName]))].sort((a, b) =>
    a[1].localeCompare(b[1]),
  );
}

/** When it is likely to be moved. */
export function moveOf(plant: Pick<Plant, 'nextMove'>, today: string): string {
  const move = plant.nextMove;
  if (!move) return 'no move in sight';
  return move.when ? `about ${short(move.likely, today)}` : `now, until ${short(move.to, today)}`;
}

/** Since when it has been asked for, if that was before today. */
export function sinceOf({ since }: Pick<Plant, 'since'>, today: string): string {
  return since && since < today ? ` · since ${short(since, today)}` : '';
}

/** One date each: when to act, or when to look. */
export function dateOf(plant: Pick<Plant, 'when' | 'nextCheck'>, today: string): string {
  const { kind, to, likely } = plant.when;
  if (kind === 'NOW') return 'today';
  if (kind === 'WAIT_FOR' && likely) return `about ${short(likely, today)}`;
  if (to && to < today) return `late since ${short(to, today)}`;
  if (to) return `${kind === 'BETWEEN' ? 'until' : 'by'} ${short(to, today)}`;
  return plant.nextCheck ? `look ${short(plant.nextCheck.best, today)}` : '';
}
