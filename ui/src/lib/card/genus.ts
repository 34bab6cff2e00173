import type { Schemas } from '$lib/interface/schemas';

/** The genus that a label begins with, if it is one that is known. */
export function genusOf(
  label: string,
  genera: Schemas['GenusChoice'][],
): Schemas['GenusChoice'] | undefined {
  const first = label
    .trim()
    .split(/[\s.,×]+/)[0]
    ?.toLowerCase();
  return first ? genera.find(({ name }) => name.toLowerCase() === first) : undefined;
}
