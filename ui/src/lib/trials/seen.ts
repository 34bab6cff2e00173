import type { Schemas } from '$lib/interface/schemas';
import { plain } from '$lib/words/sentence';

/** What was seen on one side, and on how many of its plants. */
export interface SideSeen {
  head: string;
  seen: { words: string; plants: number }[];
}

/** The newest look at each plant, gathered by what it showed. */
export function seenOnSides(
  page: Schemas['TrialPage'],
  look: Schemas['TrialLook'],
  today: string,
): SideSeen[] {
  return (['TRIED', 'AGAINST'] as const)
    .map((side) => ({
      side,
      ids: page.plants.filter((plant) => plant.side === side).map(({ plantId }) => plantId),
    }))
    .filter(({ ids }) => ids.length)
    .map(({ side, ids }) => {
      const counted = new Map<string, number>();
      for (const { plantId, seen } of look.rows) {
        const newest = seen[seen.length - 1];
        if (!newest || !ids.includes(plantId)) continue;
        const words = plain(newest.words, today);
        counted.set(words, (counted.get(words) ?? 0) + 1);
      }
      return {
        head: side === 'TRIED' ? 'Tried' : page.trial.others,
        seen: [...counted].map(([words, plants]) => ({ words, plants })),
      };
    });
}
