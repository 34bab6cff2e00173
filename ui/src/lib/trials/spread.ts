import type { Schemas } from '$lib/interface/schemas';

/** A value on one side of a trial. */
export interface Dot {
  plantId: number;
  value: number;
}

/** Two values that are held against each other. */
export interface Pair {
  tried: number;
  against: number;
}

export interface Spread {
  tried: Dot[];
  against: Dot[];
  pairs: Pair[];
}

type Page = Schemas['TrialPage'];

const dots = (rows: { plantId: number; value?: number | null }[]): Dot[] =>
  rows.flatMap(({ plantId, value }) => (value == null ? [] : [{ plantId, value }]));

/** What was measured of one thing, side by side; a plant's own years stand on the other side. */
export function spreadOf(page: Page, look: Schemas['TrialLook']): Spread {
  const onSide = (side: Schemas['TrialPlant']['side']) => {
    const ids = new Set(page.plants.filter((each) => each.side === side).map((p) => p.plantId));
    return look.rows.filter(({ plantId }) => ids.has(plantId));
  };
  const own = page.plants.every(({ side }) => side === 'TRIED');
  const tried = dots(onSide('TRIED'));
  const against = own
    ? dots(look.rows.map(({ plantId, before }) => ({ plantId, value: before })))
    : dots(onSide('AGAINST'));
  return { tried, against, pairs: pairsOf(page, tried, against, own) };
}

function pairsOf(page: Page, tried: Dot[], against: Dot[], own: boolean): Pair[] {
  const other = new Map(against.map(({ plantId, value }) => [plantId, value]));
  return tried.flatMap(({ plantId, value }) => {
    const pair = page.plants.find((each) => each.plantId === plantId)?.pair ?? 0;
    const half = own
      ? plantId
      : pair && page.plants.find((each) => each.side === 'AGAINST' && each.pair === pair)?.plantId;
    const held = half ? other.get(half) : undefined;
    return held === undefined ? [] : [{ tried: value, against: held }];
  });
}

/** From where to where a scale has to go, with a little room at both ends. */
export function reach(spread: Spread): [number, number] {
  const values = [...spread.tried, ...spread.against].map(({ value }) => value);
  const least = Math.min(...values);
  const most = Math.max(...values);
  const room = Math.max((most - least) * 0.15, Math.abs(most) * 0.1, 1);
  return [least - room, most + room];
}

/** The mean of some values; nothing of none. */
export function mean(dots: Dot[]): number | undefined {
  return dots.length ? dots.reduce((sum, { value }) => sum + value, 0) / dots.length : undefined;
}
