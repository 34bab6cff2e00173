import type { Schemas } from '$lib/interface/schemas';
import { parse, plusDays } from '$lib/words/dates';

export type Plan = Schemas['BenchDaysPage'];
export type Wishes = Schemas['BenchDaysEntry'];
type Day = Schemas['BenchDaysEntry']['days'][number];

/** What somebody has asked for, as a plan shows it. */
export function wishesOf(plan: Plan): Wishes {
  return {
    days: plan.days.map(({ on, minutes }) => ({ on, minutes })),
    pins: plan.days.flatMap(({ on, jobs }) =>
      jobs.filter(({ pinned }) => pinned).map(({ plantId }) => ({ plant: plantId, on })),
    ),
    laid: plan.days.flatMap(({ on, jobs }) =>
      jobs.filter(({ pinned }) => !pinned).map(({ plantId }) => ({ plant: plantId, on })),
    ),
  };
}

/** The same with a plant's job on a day of choice, or where it is best. */
export function laid(wishes: Wishes, plant: number, on?: string): Wishes {
  const others = wishes.pins.filter((pin) => pin.plant !== plant);
  return { ...wishes, pins: on ? [...others, { plant, on }] : others };
}

/** The same with a day, in place of what there was of it. */
export function withDay(wishes: Wishes, day: Day): Wishes {
  const others = wishes.days.filter(({ on }) => on !== day.on);
  return { ...wishes, days: [...others, day].sort((a, b) => a.on.localeCompare(b.on)) };
}

/** The same without a day; what was pinned to it finds another one. */
export function withoutDay(wishes: Wishes, day: string): Wishes {
  return {
    ...wishes,
    days: wishes.days.filter(({ on }) => on !== day),
    pins: wishes.pins.filter(({ on }) => on !== day),
  };
}

/** The day that is likely meant by one more: the first Saturday or Sunday after today that is none yet. */
export function nextFree(plan: Plan, today: string): string {
  const taken = new Set(plan.days.map(({ on }) => on));
  for (let ahead = 1; ; ahead++) {
    const day = plusDays(today, ahead);
    if ([0, 6].includes(parse(day).getUTCDay()) && !taken.has(day)) return day;
  }
}
