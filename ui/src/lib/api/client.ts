import createClient from 'openapi-fetch';
import { answering } from '$lib/shell/answering.svelte';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

/** One field at fault, as the program names it. */
export interface Fault {
  field: string;
  sentence: string;
}

/** What the program says when a request was not carried out. */
export class Problem extends Error {
  readonly faults: Fault[];
  /** Whether the program did not answer at all, so that it may be asked again. */
  readonly unreachable: boolean;

  constructor(sentence: string, faults: Fault[] = [], unreachable = false) {
    super(sentence);
    this.faults = faults;
    this.unreachable = unreachable;
  }
}

export const api = createClient<paths>();

api.use({ onResponse: ({ response }) => answering.take(response) });

/** The data of an answer; a problem is thrown with its sentence. */
export async function answered<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let answer;
  try {
    answer = await request;
  } catch {
    throw new Problem('Mellow Almanac does not answer. Is it still running?', [], true);
  }
  if (answer.data !== undefined) return answer.data;
  const said = (answer.error ?? {}) as { detail?: string; faults?: Fault[] };
  throw new Problem(said.detail ?? `The request failed (${answer.response.status}).`, said.faults);
}
