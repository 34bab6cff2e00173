import { createQuery, keepPreviousData, type QueryClient } from '@tanstack/svelte-query';
import { answered, api } from './client';
import { askAgain, changed, KEYS } from './keys';
import type { Schemas } from '$lib/interface/schemas';

export const sitePage = () =>
  createQuery(() => ({ queryKey: KEYS.site, queryFn: () => answered(api.GET('/api/site')) }));

export const plantList = () =>
  createQuery(() => ({ queryKey: KEYS.plants, queryFn: () => answered(api.GET('/api/plants')) }));

/** Plants that were given away or lost. */
export const gonePlants = () =>
  createQuery(() => ({
    queryKey: KEYS.gone,
    queryFn: () => answered(api.GET('/api/plants/gone')),
  }));

/** Whether what is written is kept; asked again and again, so that it is seen when that ends. */
export const keptTrouble = () =>
  createQuery(() => ({
    queryKey: KEYS.trouble,
    queryFn: () => answered(api.GET('/api/backups/trouble')),
    refetchInterval: 30_000,
  }));

/** Whether and how other devices of the house come in. */
export const network = () =>
  createQuery(() => ({ queryKey: KEYS.network, queryFn: () => answered(api.GET('/api/network')) }));

export const backupList = () =>
  createQuery(() => ({
    queryKey: KEYS.backups,
    queryFn: () => answered(api.GET('/api/backups')),
  }));

export const openChecks = () =>
  createQuery(() => ({ queryKey: KEYS.checks, queryFn: () => answered(api.GET('/api/checks')) }));

/** Checks after a move that came out as hoped lately. */
export const asHoped = () =>
  createQuery(() => ({
    queryKey: KEYS.checksAsHoped,
    queryFn: () => answered(api.GET('/api/checks/as-hoped')),
  }));

/** The fewest rounds that catch every check of the coming weeks. */
export const roundsAhead = () =>
  createQuery(() => ({ queryKey: KEYS.rounds, queryFn: () => answered(api.GET('/api/rounds')) }));

/** What is to be made ready for a bench day. */
export const preparation = (day: () => string) =>
  createQuery(() => ({
    queryKey: KEYS.preparation(day()),
    queryFn: () =>
      answered(api.GET('/api/bench-days/{on}/preparation', { params: { path: { on: day() } } })),
  }));

/** A tick on that list that was kept. */
export function keepReady(client: QueryClient, day: string, thing: string, ready: boolean): void {
  client.setQueryData<Schemas['Preparation']>(KEYS.preparation(day), (page) => {
    if (!page) return page;
    const others = page.ready.filter((each) => each !== thing);
    return { ...page, ready: ready ? [...others, thing] : others };
  });
}

/** Where the calendar is. */
export const calendarAddress = () =>
  createQuery(() => ({
    queryKey: KEYS.calendar,
    queryFn: () => answered(api.GET('/api/calendar')),
  }));

/** The small jobs of all plants, in the order of a round. */
export const smallJobs = () =>
  createQuery(() => ({
    queryKey: KEYS.smallJobs,
    queryFn: () => answered(api.GET('/api/small-jobs')),
  }));

/** Looks and small jobs that were booked on a day, the next one first. */
export const bookings = () =>
  createQuery(() => ({
    queryKey: KEYS.bookings,
    queryFn: () => answered(api.GET('/api/bookings')),
  }));

/** Those of one plant. */
export const smallJobsOf = (plant: () => number) =>
  createQuery(() => ({
    queryKey: KEYS.smallJobsOf(plant()),
    queryFn: () => answered(api.GET('/api/small-jobs', { params: { query: { plant: plant() } } })),
  }));

/** The courses that run, with their plants. */
export const treatments = () =>
  createQuery(() => ({
    queryKey: KEYS.treatments,
    queryFn: () => answered(api.GET('/api/treatments')),
  }));

/** All trials, and what one may try. */
export const trials = () =>
  createQuery(() => ({
    queryKey: KEYS.trials,
    queryFn: () => answered(api.GET('/api/trials')),
  }));

/** A trial with all that was seen of its plants. */
export const trialPage = (uid: () => string) =>
  createQuery(() => ({
    queryKey: KEYS.trial(uid()),
    queryFn: () => answered(api.GET('/api/trials/{uid}', { params: { path: { uid: uid() } } })),
  }));

/** What a trial of plants that were moved together would try; not asked of one alone. */
export const trialHalves = (plants: () => number[]) =>
  createQuery(() => ({
    queryKey: KEYS.halves(plants()),
    queryFn: () =>
      answered(api.GET('/api/trials/halves', { params: { query: { plant: plants() } } })),
    enabled: plants().length > 1,
  }));

/** From when on a trial that began on a day may be judged. */
export const trialFrom = (since: () => string) =>
  createQuery(() => ({
    queryKey: KEYS.trialFrom(since()),
    queryFn: () =>
      answered(api.GET('/api/trials/honest-from', { params: { query: { since: since() } } })),
    enabled: /^\d{4}-\d\d-\d\d$/.test(since()),
  }));

/** Those that stand near some plants. */
export const neighboursOf = (plants: () => number[]) =>
  createQuery(() => ({
    queryKey: KEYS.neighbours(plants()),
    queryFn: () =>
      answered(api.GET('/api/treatments/neighbours', { params: { query: { plants: plants() } } })),
    enabled: plants().length > 0,
  }));

/** What came of the moves of a plant. */
export const movesOf = (plant: () => number) =>
  createQuery(() => ({
    queryKey: KEYS.movesOf(plant()),
    queryFn: () =>
      answered(api.GET('/api/plants/{id}/moves', { params: { path: { id: plant() } } })),
  }));

/** The plants that the approaches judge apart. */
export const judgedApart = () =>
  createQuery(() => ({
    queryKey: KEYS.apart,
    queryFn: () => answered(api.GET('/api/approach/apart')),
  }));

/** What the collection taught its keeper. */
export const taughtPage = () =>
  createQuery(() => ({ queryKey: KEYS.taught, queryFn: () => answered(api.GET('/api/taught')) }));

/** The coming year of every plant. */
export const yearAhead = () =>
  createQuery(() => ({ queryKey: KEYS.year, queryFn: () => answered(api.GET('/api/year')) }));

/** How much the coming year will probably ask. */
export const collectionAhead = () =>
  createQuery(() => ({
    queryKey: KEYS.yearAhead,
    queryFn: () => answered(api.GET('/api/year-ahead')),
  }));

/** The weeks of this year: looks, windows that open, bench days. */
export const yearWeeks = () =>
  createQuery(() => ({
    queryKey: KEYS.yearWeeks,
    queryFn: () => answered(api.GET('/api/year/weeks')),
  }));

/** What a name on a label says of its plant; what was said of the last one stands until then. */
export const labelRead = (label: () => string) =>
  createQuery(() => ({
    queryKey: KEYS.label(label()),
    queryFn: () => answered(api.GET('/api/labels', { params: { query: { label: label() } } })),
    enabled: label() !== '',
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  }));

/** What today asks for. */
export const dayPage = () =>
  createQuery(() => ({ queryKey: KEYS.today, queryFn: () => answered(api.GET('/api/today')) }));

/** The day in one line; it waits for the plan of the bench days. */
export const headline = () =>
  createQuery(() => ({
    queryKey: KEYS.headline,
    queryFn: () => answered(api.GET('/api/today/headline')),
  }));

const BETTER_PLAN_EVERY_MS = 2000;

/** The bench days with their jobs; asked again while a better plan is searched for. */
export const benchDays = () =>
  createQuery(() => ({
    queryKey: KEYS.benchDays,
    queryFn: () => answered(api.GET('/api/bench-days')),
    refetchInterval: (query) => (query.state.data?.searching ? BETTER_PLAN_EVERY_MS : false),
  }));

export const placeList = () =>
  createQuery(() => ({ queryKey: KEYS.places, queryFn: () => answered(api.GET('/api/places')) }));

export const choices = () =>
  createQuery(() => ({
    queryKey: KEYS.choices,
    queryFn: () => answered(api.GET('/api/choices')),
    staleTime: Infinity,
  }));

/** Kept at hand: it is asked for among the shelves, where the program may be out of reach. */
const guideQuery = {
  queryKey: KEYS.guide,
  queryFn: () => answered(api.GET('/api/field-guide')),
  gcTime: Infinity,
};

export const fieldGuide = () => createQuery(() => guideQuery);

/** Looks the field guide up before anybody asks. */
export function prefetchGuide(client: QueryClient): void {
  void client.prefetchQuery(guideQuery);
}

export const rulesPage = () =>
  createQuery(() => ({ queryKey: KEYS.rules, queryFn: () => answered(api.GET('/api/rules')) }));

/** The figures in force that pages are drawn by. */
export const bounds = () =>
  createQuery(() => ({ queryKey: KEYS.bounds, queryFn: () => answered(api.GET('/api/bounds')) }));

export const kindList = () =>
  createQuery(() => ({ queryKey: KEYS.kinds, queryFn: () => answered(api.GET('/api/kinds')) }));

export const collectionApproach = () =>
  createQuery(() => ({
    queryKey: KEYS.approach,
    queryFn: () => answered(api.GET('/api/approach')),
  }));

export const plantPage = (id: () => number) =>
  createQuery(() => ({
    queryKey: KEYS.plant(id()),
    queryFn: () => answered(api.GET('/api/plants/{id}', { params: { path: { id: id() } } })),
    enabled: id() > 0,
  }));

/** The year that lies ahead of a plant; asked for once somebody wants to see it. */
export const monthsAhead = (id: () => number, wanted: () => boolean) =>
  createQuery(() => ({
    queryKey: KEYS.monthsAhead(id()),
    queryFn: () =>
      answered(api.GET('/api/plants/{id}/months-ahead', { params: { path: { id: id() } } })),
    enabled: wanted(),
  }));

/** The jobs at the bench that are not finished. */
export const openJobs = () =>
  createQuery(() => ({ queryKey: KEYS.jobs, queryFn: () => answered(api.GET('/api/jobs')) }));

export const openBatches = () =>
  createQuery(() => ({ queryKey: KEYS.batches, queryFn: () => answered(api.GET('/api/batches')) }));

/** What lies ready; jobs draw from it. */
export const stockPage = () =>
  createQuery(() => ({ queryKey: KEYS.stock, queryFn: () => answered(api.GET('/api/stock')) }));

export const recipeList = () =>
  createQuery(() => ({ queryKey: KEYS.recipes, queryFn: () => answered(api.GET('/api/recipes')) }));

export const benchNeeds = () =>
  createQuery(() => ({
    queryKey: KEYS.benchNeeds,
    queryFn: () => answered(api.GET('/api/bench-needs')),
  }));

export const jobPage = (uid: () => string) =>
  createQuery(() => ({
    queryKey: KEYS.job(uid()),
    queryFn: () => answered(api.GET('/api/jobs/{uid}', { params: { path: { uid: uid() } } })),
    enabled: uid() !== '',
  }));

export const photosOf = (id: () => number) =>
  createQuery(() => ({
    queryKey: KEYS.photos(id()),
    queryFn: () => answered(api.GET('/api/plants/{id}/photos', { params: { path: { id: id() } } })),
  }));

/** Looks a plant up before it is come to. */
export function prefetchPlant(client: QueryClient, id: number): void {
  void client.prefetchQuery({
    queryKey: KEYS.plant(id),
    queryFn: () => answered(api.GET('/api/plants/{id}', { params: { path: { id } } })),
    staleTime: 60_000,
  });
}

/** What a write answers: the act, so that it can be taken back, and what it was on. */
export type Done = Partial<Schemas['Saved']> | Schemas['Altered'];

/** Takes over what a write answered; everything else that it may have changed is asked for again. */
export function keep(client: QueryClient, { plant, plants }: Done): void {
  if (plant) client.setQueryData(['plant', plant.id], plant);
  for (const id of plants ?? []) if (id !== plant?.id) void askAgain(client, KEYS.plant(id));
  void changed(client, 'journal');
}

/** What the trainer asks next, and how its learner does. */
export const trainerPage = () =>
  createQuery(() => ({
    queryKey: KEYS.trainer,
    queryFn: () => answered(api.GET('/api/trainer')),
  }));

/** What a year brought. */
export const yearInReview = (year: () => number) =>
  createQuery(() => ({
    queryKey: KEYS.review(year()),
    queryFn: () => answered(api.GET('/api/reviews/{year}', { params: { path: { year: year() } } })),
  }));
