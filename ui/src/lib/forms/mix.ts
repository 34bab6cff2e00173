import type { Schemas } from '$lib/interface/schemas';
import { number } from '$lib/words/numbers';

/** A component while it is typed; parts are text until they are sent. */
export interface TypedPart {
  component: Schemas['MixPart']['component'];
  parts: string;
}

export function typedMix(mix: Schemas['MixPart'][]): TypedPart[] {
  return mix.map(({ component, parts }) => ({ component, parts: String(parts) }));
}

/** The mix as it is sent; parts that are no number are sent as null and refused with a sentence. */
export function sentMix(mix: TypedPart[]): Schemas['MixPart'][] {
  return mix.map(({ component, parts }) => ({
    component,
    parts: parts.trim() === '' ? (null as unknown as number) : number(parts),
  }));
}
