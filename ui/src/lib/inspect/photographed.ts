import type { QueryClient } from '@tanstack/svelte-query';
import { askAgain, KEYS } from '$lib/api/keys';
import { sendPhoto } from '$lib/photos/send';
import { failed } from '$lib/shell/toaster';

/**
 * Keeps the pictures of a look, one after the other. The look is kept by now; a picture that is
 * refused is said, and can be added on its page.
 *
 * @param look the act of it
 * @param sending is told which one is on its way, from 1
 */
export async function photographed(
  client: QueryClient,
  plantId: number,
  files: File[],
  look: string,
  sending: (n: number) => void,
): Promise<void> {
  for (const [i, file] of files.entries()) {
    sending(i + 1);
    try {
      await sendPhoto(plantId, file, { look });
    } catch (failure) {
      failed(failure);
    }
  }
  if (files.length) void askAgain(client, KEYS.photos(plantId));
}
