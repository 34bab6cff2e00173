import type { QueryClient } from '@tanstack/svelte-query';
import { goto } from '$app/navigation';
import { answered, api } from '$lib/api/client';
import { everything } from '$lib/api/keys';
import { failed, undoable } from '$lib/shell/toaster';

/** Brings a backup back from wherever somebody is, and offers to undo that. */
export async function bringBack(
  client: QueryClient,
  name: string,
  said = 'As it was before',
): Promise<void> {
  try {
    const before = await answered(
      api.POST('/api/backups/{name}/restore', { params: { path: { name } } }),
    );
    await goto('/');
    await everything(client);
    undoable(said, () => bringBack(client, before.name));
  } catch (problem) {
    failed(problem);
  }
}
