import type { Schemas } from '$lib/interface/schemas';

/** A kind that was found, and by which of its genera. */
export interface FoundKind {
  key: string;
  name: string;
  /** Genera that usually are of this kind and begin with what was typed. */
  genera: string[];
}

const MOST_GENERA = 3;

/** The kinds that a word may mean: by their own name, or by that of a genus. */
export function searched(
  kinds: Schemas['KindChoice'][],
  genera: Schemas['GenusChoice'][],
  typed: string,
): FoundKind[] {
  const word = typed.trim().toLowerCase();
  return kinds
    .map(({ key, name }) => ({
      key,
      name,
      genera: word
        ? genera
            .filter((genus) => genus.kind === key && genus.name.toLowerCase().startsWith(word))
            .map((genus) => genus.name)
            .slice(0, MOST_GENERA)
        : [],
    }))
    .filter((kind) => kind.name.toLowerCase().includes(word) || kind.genera.length);
}
