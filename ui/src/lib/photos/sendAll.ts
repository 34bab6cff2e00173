import type { QueryClient } from '@tanstack/svelte-query';
import { askAgain, KEYS } from '$lib/api/keys';
import { failed } from '$lib/shell/toaster';
import { sendPhoto } from './send';

interface How {
  /** The act of the look they were taken at. */
  look?: string;
  /** What is written under each. */
  caption?: string;
  /** Is told which one is on its way, from 1. */
  sending?: (n: number) => void;
  /** Is told what was refused; where nobody asks, it is said over the page. */
  refused?: (failure: unknown) => void;
}

/**
 * Sends pictures of a plant, one after the other. One that is refused is said, and holds up none
 * of the others.
 *
 * @returns how many are kept
 */
export async function sendPhotos(
  client: QueryClient,
  plantId: number,
  files: Iterable<File>,
  { sending, refused = failed, ...more }: How = {},
): Promise<number> {
  let kept = 0;
  for (const [i, file] of [...files].entries()) {
    sending?.(i + 1);
    try {
      await sendPhoto(plantId, file, more);
      kept++;
    } catch (failure) {
      refused(failure);
    }
  }
  if (kept) void askAgain(client, KEYS.photos(plantId));
  return kept;
}
