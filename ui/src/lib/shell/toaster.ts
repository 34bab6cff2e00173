import { createToaster } from '@skeletonlabs/skeleton-svelte';
import type { QueryClient } from '@tanstack/svelte-query';
import { goto } from '$app/navigation';
import { answered, api, problemOf } from '$lib/api/client';
import { keep, type Done } from '$lib/api/queries';

/** On a phone the buttons that save stand at the bottom; nothing may lie over them. */
const phone = typeof matchMedia === 'function' && matchMedia('(max-width: 700px)').matches;

export const toaster = createToaster({ placement: phone ? 'top' : 'bottom', overlap: true });

/** Says quietly that something was saved, and offers to take it back. */
export function saved(client: QueryClient, what: string, result: Done): void {
  keep(client, result);
  const act = result.act;
  if (act) undoable(what, () => takeBack(client, act));
  else said(what);
}

/** Takes an act back, on all its plants; it stays readable in their journals, and can be put back. */
export async function takeBack(
  client: QueryClient,
  act: string,
  what = 'Taken back',
): Promise<void> {
  try {
    const result = await answered(
      api.POST('/api/acts/{act}/withdrawal', { params: { path: { act } } }),
    );
    keep(client, result);
    const by = result.act;
    const next = what === 'Taken back' ? 'Put back' : 'Taken back';
    if (by) undoable(what, () => takeBack(client, by, next));
    if (!result.plant) await goto('/plants');
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

/** Says quietly what was done. */
function said(what: string): void {
  toaster.success({ title: what, duration: 6000 });
}

export function failed(problem: unknown): void {
  toaster.error({
    title: problemOf(problem).message,
    duration: 9000,
  });
}
