import type { Schemas } from '$lib/interface/schemas';

export type Job = Schemas['SmallJobLine'];

/** By what one job is told from all others. */
export const keyOf = (job: Job): string => `${job.plantId} ${job.fix ?? ''} ${job.task ?? ''}`;

/** Jobs that were done, as they are told. */
export const ticked = (jobs: Job[]): Schemas['JobsDone'] => ({
  done: jobs.map(({ plantId, fix, task }) => ({ plant: plantId, fix, task })),
});

/** Those that follow one another at one place; who is kept apart stands by itself. */
export function byPlace(jobs: Job[]): { place: string; jobs: Job[] }[] {
  const places: { place: string; jobs: Job[] }[] = [];
  for (const job of jobs) {
    const place = job.apart ? `${job.placeName}, kept apart: last` : job.placeName;
    const last = places.at(-1);
    if (last?.place === place) last.jobs.push(job);
    else places.push({ place, jobs: [job] });
  }
  return places;
}

/** What to take along, each thing once, what is wanted most often first. */
export function carried(jobs: Job[]): { thing: string; times: number }[] {
  const times = new Map<string, number>();
  for (const thing of jobs.flatMap(({ carry }) => carry))
    times.set(thing, (times.get(thing) ?? 0) + 1);
  return [...times]
    .map(([thing, count]) => ({ thing, times: count }))
    .sort((a, b) => b.times - a.times);
}
