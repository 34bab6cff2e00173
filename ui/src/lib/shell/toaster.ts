import { createToaster } from '@skeletonlabs/skeleton-svelte';
import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api, type Schemas } from '$lib/api/client';
import { keep } from '$lib/api/queries';

export const toaster = createToaster({ placement: 'bottom', overlap: true });

/** Says quietly that something was saved, and offers to take it back. */
export function saved(client: QueryClient, what: string, result: Schemas['Saved']): void {
  keep(client, result);
  toaster.success({
    title: what,
    duration: 9000,
    action: { label: 'Undo', onClick: () => void takeBack(client, result.entryId) },
  });
}

/** Takes a line of a journal back; it stays readable there. */
export async function takeBack(client: QueryClient, entryId: number): Promise<void> {
  try {
    keep(
      client,
      await answered(
        api.POST('/api/journal/{entryId}/withdrawal', { params: { path: { entryId } } }),
      ),
    );
    toaster.info({ title: 'Taken back', duration: 4000 });
  } catch (problem) {
    failed(problem);
  }
}

export function failed(problem: unknown): void {
  toaster.error({
    title: problem instanceof Error ? problem.message : String(problem),
    duration: 9000,
  });
}
