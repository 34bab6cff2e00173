import type { QueryClient } from '@tanstack/svelte-query';
import { askAgain, KEYS } from '$lib/api/keys';
import { sendPhoto } from '$lib/photos/send';
import { failed, toaster } from '$lib/shell/toaster';

/** A picture goes off at once; it stands with the look of its day. */
export async function photographed(
  client: QueryClient,
  { plantId, name }: { plantId: number; name: string },
  files: FileList | null,
): Promise<void> {
  for (const file of files ?? []) {
    try {
      await sendPhoto(plantId, file);
      toaster.success({ title: `Picture of ${name} kept`, duration: 4000 });
    } catch (failure) {
      failed(failure);
    }
  }
  void askAgain(client, KEYS.photos(plantId));
}
