import createClient from 'openapi-fetch';
import { entrance } from './entrance.svelte';
import { answering } from './answering.svelte';
import { KEY_HEADER, newKey } from './once';
import type { paths } from '$lib/interface/schema';

/** One field at fault, as the program names it. */
export interface Fault {
  field: string;
  sentence: string;
}

const OF_THE_PAGE = -1;

/** What the program says when a request was not carried out. */
export class Problem extends Error {
  readonly faults: Fault[];
  /** What was answered; 0 if nothing was, under 0 for a fault of this page itself. */
  readonly status: number;

  constructor(sentence: string, faults: Fault[] = [], status = 400) {
    super(sentence);
    this.faults = faults;
    this.status = status;
  }

  /** Whether the program did not answer at all. */
  get unreachable(): boolean {
    return this.status === 0;
  }

  /** Whether the page itself went wrong, before or after it asked. */
  get ofThePage(): boolean {
    return this.status === OF_THE_PAGE;
  }

  /** Whether the same may be taken later: nobody answered, this device has to come in first, or something went wrong in there or here. */
  get passing(): boolean {
    return (
      this.unreachable ||
      this.ofThePage ||
      this.status >= 500 ||
      this.status === 429 ||
      this.status === 401
    );
  }
}

/** Whatever was thrown, as a problem with a sentence; what is a mistake of this page is logged. */
export function problemOf(failure: unknown): Problem {
  if (failure instanceof Problem) return failure;
  console.error(failure);
  const what = failure instanceof Error ? failure.message : String(failure);
  return new Problem(`This page made a mistake of its own: ${what}`, [], OF_THE_PAGE);
}

export const api = createClient<paths>();

api.use({
  onRequest({ request }) {
    if (request.method !== 'GET' && !request.headers.has(KEY_HEADER))
      request.headers.set(KEY_HEADER, newKey());
    return request;
  },
  onResponse: ({ response }) => {
    answering.take(response);
    entrance.take(response);
  },
});

/** The data of an answer; a problem is thrown with its sentence. */
export async function answered<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let answer;
  try {
    answer = await request;
  } catch {
    throw new Problem('Mellow Almanac does not answer. Is it still running?', [], 0);
  }
  if (answer.data !== undefined || answer.response.ok) return answer.data as T;
  const said = (answer.error ?? {}) as { detail?: string; faults?: Fault[] };
  const { status } = answer.response;
  throw new Problem(said.detail ?? `The request failed (${status}).`, said.faults, status);
}
