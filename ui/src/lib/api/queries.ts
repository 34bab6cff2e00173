import { createQuery, type QueryClient } from '@tanstack/svelte-query';
import { answered, api } from './client';
import type { Schemas } from '$lib/interface/schemas';

export const sitePage = () =>
  createQuery(() => ({ queryKey: ['site'], queryFn: () => answered(api.GET('/api/site')) }));

export const plantList = () =>
  createQuery(() => ({ queryKey: ['plants'], queryFn: () => answered(api.GET('/api/plants')) }));

/** Plants that were given away or lost. */
export const gonePlants = () =>
  createQuery(() => ({
    queryKey: ['gone'],
    queryFn: () => answered(api.GET('/api/plants/gone')),
  }));

/** Whether what is written is kept; asked again and again, so that it is seen when that ends. */
export const keptTrouble = () =>
  createQuery(() => ({
    queryKey: ['trouble'],
    queryFn: () => answered(api.GET('/api/backups/trouble')),
    refetchInterval: 30_000,
  }));

/** Whether and how other devices of the house come in. */
export const network = () =>
  createQuery(() => ({ queryKey: ['network'], queryFn: () => answered(api.GET('/api/network')) }));

export const backupList = () =>
  createQuery(() => ({
    queryKey: ['backups'],
    queryFn: () => answered(api.GET('/api/backups')),
  }));

export const openChecks = () =>
  createQuery(() => ({ queryKey: ['checks'], queryFn: () => answered(api.GET('/api/checks')) }));

/** Checks after a move that came out as hoped lately. */
export const asHoped = () =>
  createQuery(() => ({
    queryKey: ['checks', 'as-hoped'],
    queryFn: () => answered(api.GET('/api/checks/as-hoped')),
  }));

/** The fewest rounds that catch every check of the coming weeks. */
export const roundsAhead = () =>
  createQuery(() => ({ queryKey: ['rounds'], queryFn: () => answered(api.GET('/api/rounds')) }));

const preparationKey = (day: string) => ['bench-days', 'preparation', day];

/** What is to be made ready for a bench day. */
export const preparation = (day: () => string) =>
  createQuery(() => ({
    queryKey: preparationKey(day()),
    queryFn: () =>
      answered(api.GET('/api/bench-days/{on}/preparation', { params: { path: { on: day() } } })),
  }));

/** A tick on that list that was kept. */
export function keepReady(client: QueryClient, day: string, thing: string, ready: boolean): void {
  client.setQueryData<Schemas['Preparation']>(preparationKey(day), (page) => {
    if (!page) return page;
    const others = page.ready.filter((each) => each !== thing);
    return { ...page, ready: ready ? [...others, thing] : others };
  });
}

/** Where the calendar is. */
export const calendarAddress = () =>
  createQuery(() => ({
    queryKey: ['calendar'],
    queryFn: () => answered(api.GET('/api/calendar')),
  }));

/** The small jobs of all plants, in the order of a round. */
export const smallJobs = () =>
  createQuery(() => ({
    queryKey: ['small-jobs'],
    queryFn: () => answered(api.GET('/api/small-jobs')),
  }));

/** Those of one plant. */
export const smallJobsOf = (plant: () => number) =>
  createQuery(() => ({
    queryKey: ['small-jobs', plant()],
    queryFn: () => answered(api.GET('/api/small-jobs', { params: { query: { plant: plant() } } })),
  }));

/** The courses that run, with their plants. */
export const treatments = () =>
  createQuery(() => ({
    queryKey: ['treatments'],
    queryFn: () => answered(api.GET('/api/treatments')),
  }));

/** Those that stand near some plants. */
export const neighboursOf = (plants: () => number[]) =>
  createQuery(() => ({
    queryKey: ['treatments', 'neighbours', plants()],
    queryFn: () =>
      answered(api.GET('/api/treatments/neighbours', { params: { query: { plants: plants() } } })),
    enabled: plants().length > 0,
  }));

/** The coming year of every plant. */
export const yearAhead = () =>
  createQuery(() => ({ queryKey: ['year'], queryFn: () => answered(api.GET('/api/year')) }));

/** The weeks of this year: looks, windows that open, bench days. */
export const yearWeeks = () =>
  createQuery(() => ({
    queryKey: ['year', 'weeks'],
    queryFn: () => answered(api.GET('/api/year/weeks')),
  }));

/** The bench days with their jobs. */
export const benchDays = () =>
  createQuery(() => ({
    queryKey: ['bench-days'],
    queryFn: () => answered(api.GET('/api/bench-days')),
  }));

export const placeList = () =>
  createQuery(() => ({ queryKey: ['places'], queryFn: () => answered(api.GET('/api/places')) }));

export const choices = () =>
  createQuery(() => ({
    queryKey: ['choices'],
    queryFn: () => answered(api.GET('/api/choices')),
    staleTime: Infinity,
  }));

/** Kept at hand: it is asked for among the shelves, where the program may be out of reach. */
const guideQuery = {
  queryKey: ['field-guide'],
  queryFn: () => answered(api.GET('/api/field-guide')),
  gcTime: Infinity,
};

export const fieldGuide = () => createQuery(() => guideQuery);

/** Looks the field guide up before anybody asks. */
export function prefetchGuide(client: QueryClient): void {
  void client.prefetchQuery(guideQuery);
}

export const rulesPage = () =>
  createQuery(() => ({ queryKey: ['rules'], queryFn: () => answered(api.GET('/api/rules')) }));

/** The figures in force that pages are drawn by. */
export const bounds = () =>
  createQuery(() => ({ queryKey: ['bounds'], queryFn: () => answered(api.GET('/api/bounds')) }));

export const kindList = () =>
  createQuery(() => ({ queryKey: ['kinds'], queryFn: () => answered(api.GET('/api/kinds')) }));

export const collectionApproach = () =>
  createQuery(() => ({
    queryKey: ['approach'],
    queryFn: () => answered(api.GET('/api/approach')),
  }));

export const plantPage = (id: () => number) =>
  createQuery(() => ({
    queryKey: ['plant', id()],
    queryFn: () => answered(api.GET('/api/plants/{id}', { params: { path: { id: id() } } })),
    enabled: id() > 0,
  }));

/** The jobs at the bench that are not finished. */
export const openJobs = () =>
  createQuery(() => ({ queryKey: ['jobs'], queryFn: () => answered(api.GET('/api/jobs')) }));

export const openBatches = () =>
  createQuery(() => ({ queryKey: ['batches'], queryFn: () => answered(api.GET('/api/batches')) }));

/** What lies ready; jobs draw from it. */
export const stockPage = () =>
  createQuery(() => ({ queryKey: ['stock'], queryFn: () => answered(api.GET('/api/stock')) }));

export const recipeList = () =>
  createQuery(() => ({ queryKey: ['recipes'], queryFn: () => answered(api.GET('/api/recipes')) }));

export const benchNeeds = () =>
  createQuery(() => ({
    queryKey: ['stock', 'needs'],
    queryFn: () => answered(api.GET('/api/bench-needs')),
  }));

export const jobPage = (uid: () => string) =>
  createQuery(() => ({
    queryKey: ['job', uid()],
    queryFn: () => answered(api.GET('/api/jobs/{uid}', { params: { path: { uid: uid() } } })),
    enabled: uid() !== '',
  }));

export const photosOf = (id: () => number) =>
  createQuery(() => ({
    queryKey: ['photos', id()],
    queryFn: () => answered(api.GET('/api/plants/{id}/photos', { params: { path: { id: id() } } })),
  }));

/** Looks a plant up before it is come to. */
export function prefetchPlant(client: QueryClient, id: number): void {
  void client.prefetchQuery({
    queryKey: ['plant', id],
    queryFn: () => answered(api.GET('/api/plants/{id}', { params: { path: { id } } })),
    staleTime: 60_000,
  });
}

/** What follows from the journals of all plants. */
const FOLLOWS = [
  'plants',
  'gone',
  'checks',
  'rounds',
  'bench-days',
  'small-jobs',
  'treatments',
  'year',
];

/** What a write answers: the act, so that it can be taken back, and what it was on. */
export type Done = Partial<Schemas['Saved']> | Schemas['Altered'];

/** Takes over what a write answered; everything else that it may have changed is asked for again. */
export function keep(client: QueryClient, { plant, plants }: Done): void {
  if (plant) client.setQueryData(['plant', plant.id], plant);
  for (const id of plants ?? [])
    if (id !== plant?.id) void client.invalidateQueries({ queryKey: ['plant', id] });
  for (const key of FOLLOWS) void client.invalidateQueries({ queryKey: [key] });
}
