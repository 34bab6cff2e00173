import { answered, api, Problem, problemOf } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';

/**
 * Sends one photograph of a plant.
 *
 * @param more the act of the look it was taken at, and what is written under it
 * @throws Problem with a sentence that names the file
 */
export async function sendPhoto(
  plantId: number,
  file: File,
  more: { look?: string; caption?: string } = {},
): Promise<Schemas['Photo']> {
  const form = new FormData();
  form.append('photo', file);
  try {
    return await answered(
      api.POST('/api/plants/{id}/photos', {
        params: { path: { id: plantId }, query: more },
        body: form as never,
        bodySerializer: (body) => body as unknown as FormData,
      }),
    );
  } catch (failure) {
    const problem = problemOf(failure);
    const said = problem.faults.map((fault) => fault.sentence).join(' ') || problem.message;
    throw new Problem(`${file.name}: ${said}`, [], problem.status);
  }
}
