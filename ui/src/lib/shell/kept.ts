/** The header that says when an answer was given that the browser kept. */
export const KEPT_HEADER = 'almanac-kept';

/** Whether an answer is kept: what a round needs while the program does not answer. */
export function kept(path: string): boolean {
  return /^\/api\/(site|choices|benches|plants\/\d+)$/.test(path);
}

/** A copy of an answer that says when it was given. */
export async function stamped(answer: Response, at: Date): Promise<Response> {
  const headers = new Headers(answer.headers);
  headers.set(KEPT_HEADER, at.toISOString());
  headers.delete('content-encoding');
  return new Response(await answer.blob(), { status: answer.status, headers });
}
