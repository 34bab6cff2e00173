import { createToaster } from '@skeletonlabs/skeleton-svelte';
import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api, type Schemas } from '$lib/api/client';
import { keep } from '$lib/api/queries';

export const toaster = createToaster({ placement: 'bottom', overlap: true });

/** Says quietly that something was saved, and offers to take it back. */
export function saved(client: QueryClient, what: string, result: Schemas['Saved']): void {
  keep(client, result);
  undoable(what, () => takeBack(client, result.entryId));
}

/** Takes a line of a journal back; it stays readable there, and can be put back. */
export async function takeBack(
  client: QueryClient,
  entryId: number,
  said = 'Taken back',
): Promise<void> {
  try {
    const result = await answered(
      api.POST('/api/journal/{entryId}/withdrawal', { params: { path: { entryId } } }),
    );
    keep(client, result);
    const next = said === 'Taken back' ? 'Put back' : 'Taken back';
    undoable(said, () => takeBack(client, result.entryId, next));
  } catch (problem) {
    failed(problem);
  }
}

/** Says quietly what was done, and offers to undo it. */
export function undoable(what: string, undo: () => Promise<void>): void {
  toaster.success({
    title: what,
    duration: 9000,
    action: { label: 'Undo', onClick: () => void undo() },
  });
}

export function failed(problem: unknown): void {
  toaster.error({
    title: problem instanceof Error ? problem.message : String(problem),
    duration: 9000,
  });
}
