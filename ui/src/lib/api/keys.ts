import type { QueryClient } from '@tanstack/svelte-query';

/** By which key each answer of the program is remembered. */
export const KEYS = {
  approach: ['approach'],
  backups: ['backups'],
  batch: (uid: string) => ['batch', uid],
  batches: ['batches'],
  benchDays: ['bench-days'],
  benchNeeds: ['stock', 'needs'],
  bounds: ['bounds'],
  calendar: ['calendar'],
  checks: ['checks'],
  checksAsHoped: ['checks', 'as-hoped'],
  bookings: ['bookings'],
  choices: ['choices'],
  gone: ['gone'],
  guide: ['field-guide'],
  headline: ['today', 'headline'],
  instruments: ['instruments'],
  job: (uid: string) => ['job', uid],
  jobs: ['jobs'],
  kinds: ['kinds'],
  label: (label: string) => ['label', label],
  moves: ['moves'],
  movesOf: (plant: number) => ['moves', plant],
  monthsAhead: (plant: number) => ['plant', plant, 'months-ahead'],
  network: ['network'],
  papers: (id: number) => ['plant', id, 'papers'],
  photos: (id: number) => ['photos', id],
  places: ['places'],
  plant: (id: number) => ['plant', id],
  plantMap: (id: number) => ['plant', id, 'map'],
  plants: ['plants'],
  potVolume: (asked: unknown) => ['pot-volume', asked],
  preparation: (day: string) => ['bench-days', 'preparation', day],
  recipes: ['recipes'],
  rounds: ['rounds'],
  rules: ['rules'],
  site: ['site'],
  smallJobs: ['small-jobs'],
  smallJobsOf: (plant: number) => ['small-jobs', plant],
  stock: ['stock'],
  tags: ['tags'],
  taught: ['taught'],
  apart: ['apart'],
  today: ['today'],
  review: (year: number) => ['review', year],
  trainer: ['trainer'],
  treatments: ['treatments'],
  neighbours: (plants: number[]) => ['treatments', 'neighbours', plants],
  trials: ['trials'],
  trial: (uid: string) => ['trials', uid],
  halves: (plants: number[]) => ['trials', 'halves', ...plants],
  trialFrom: (since: string) => ['trials', 'honest-from', since],
  trouble: ['trouble'],
  year: ['year'],
  yearAhead: ['year', 'ahead'],
  yearPast: (plants: number[]) => ['year', 'past', plants],
  yearWeeks: ['year', 'weeks'],
} as const;

/** What follows from the journals of all plants. */
const OF_THE_JOURNAL = [
  KEYS.plants,
  KEYS.gone,
  KEYS.checks,
  KEYS.rounds,
  KEYS.benchDays,
  KEYS.smallJobs,
  KEYS.bookings,
  KEYS.treatments,
  KEYS.trials,
  KEYS.year,
  KEYS.today,
  // A job that is taken back gives back what it drew, and lies open again.
  KEYS.stock,
  KEYS.jobs,
  KEYS.batches,
  KEYS.moves,
  KEYS.taught,
  KEYS.apart,
  KEYS.trainer,
  ['review'],
];

/** What follows from the rules and the kinds, for every plant. */
const OF_THE_RULES = [...OF_THE_JOURNAL, ['plant'], KEYS.bounds, KEYS.kinds, KEYS.choices];

/** What is asked for again once something has changed; keys stand for all that begin with them. */
const FOLLOWS = {
  journal: OF_THE_JOURNAL,
  rules: OF_THE_RULES,
  places: [...OF_THE_JOURNAL, KEYS.places, ['plant'], KEYS.tags],
  stock: [KEYS.stock, KEYS.benchDays, KEYS.yearAhead],
  recipes: [KEYS.recipes],
  jobs: [KEYS.jobs, KEYS.batches, KEYS.benchDays, KEYS.today],
  backups: [KEYS.backups, KEYS.trouble],
  network: [KEYS.network],
} satisfies Record<string, readonly (readonly string[])[]>;

/** What somebody may change. */
export type Changed = keyof typeof FOLLOWS;

/** Asks again for what follows from a change; done once what is shown has been answered. */
export async function changed(client: QueryClient, ...what: Changed[]): Promise<void> {
  const keys = new Set(what.flatMap((each) => FOLLOWS[each] as readonly (readonly string[])[]));
  await Promise.all([...keys].map((queryKey) => client.invalidateQueries({ queryKey })));
}

/** Asks again for one answer alone. */
export async function askAgain(client: QueryClient, queryKey: readonly unknown[]): Promise<void> {
  await client.invalidateQueries({ queryKey });
}

/** Another collection, day or place on earth: everything is asked for again. */
export async function everything(client: QueryClient): Promise<void> {
  await client.invalidateQueries();
}
