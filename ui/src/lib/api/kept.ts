/** The header that says when an answer was given that the browser kept. */
export const KEPT_HEADER = 'almanac-kept';

/** Under which name the browser keeps them. */
export const SAID = 'almanac-said';

/** Whether an answer is kept: what Today and a round need while the program does not answer. */
export function kept(path: string): boolean {
  return /^\/api\/(site|choices|places|checks|plants|plants\/\d+)$/.test(path);
}

/** So many plants are kept; a place seldom bears more. */
export const MOST_PLANTS = 200;

/** Of all that is kept, the oldest first, the plants that are too many. */
export function surplus(paths: string[]): string[] {
  const plants = paths.filter((path) => path.startsWith('/api/plants/'));
  return plants.slice(0, Math.max(0, plants.length - MOST_PLANTS));
}

/** A copy of an answer that says when it was given. */
export async function stamped(answer: Response, at: Date): Promise<Response> {
  const headers = new Headers(answer.headers);
  headers.set(KEPT_HEADER, at.toISOString());
  headers.delete('content-encoding');
  return new Response(await answer.blob(), { status: answer.status, headers });
}
