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
