import type { Schemas } from '$lib/interface/schemas';
import { count } from '$lib/words/counts';

/** Small jobs of one kind, with how many plants want them; the most wanted first. */
export function byTheWay(jobs: Schemas['SmallJobLine'][]): { words: string; plants: string }[] {
  const kinds = new Map<string, { words: string; names: string[] }>();
  for (const job of jobs) {
    const words = job.words.map(({ text }) => text).join('');
    const key = job.fix ?? words;
    const known = kinds.get(key);
    if (known) known.names.push(job.name);
    else kinds.set(key, { words, names: [job.name] });
  }
  return [...kinds.values()]
    .sort((a, b) => b.names.length - a.names.length)
    .map(({ words, names }) => ({
      words,
      plants: names.length === 1 ? names[0]! : count(names.length, 'plant'),
    }));
}

/** When what is asked for is done: how many on each bench day, and how many on none. */
export function whenDone(
  plants: Pick<Schemas['PlantLine'], 'id'>[],
  days: Schemas['DayPlanned'][],
): { on?: string; plants: number }[] {
  const ids = new Set(plants.map(({ id }) => id));
  const laid = days
    .map(({ on, jobs }) => ({ on, plants: jobs.filter(({ plantId }) => ids.has(plantId)).length }))
    .filter(({ plants: some }) => some);
  const rest = ids.size - laid.reduce((sum, { plants: some }) => sum + some, 0);
  return rest ? [...laid, { plants: rest }] : laid;
}

/** The bench day on which the job of a plant lies. */
export const benchDayOf = (plantId: number, days: Schemas['DayPlanned'][]): string | undefined =>
  days.find(({ jobs }) => jobs.some((job) => job.plantId === plantId))?.on;
