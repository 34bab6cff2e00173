import type { Schemas } from '$lib/interface/schemas';

/** Whether two mixes are of the same parts, in whatever order. */
export function mixTaken(one: Schemas['MixPart'][], other: Schemas['MixPart'][]): boolean {
  return (
    one.length === other.length &&
    one.every(({ component, parts }) =>
      other.some((part) => part.component === component && part.parts === parts),
    )
  );
}
