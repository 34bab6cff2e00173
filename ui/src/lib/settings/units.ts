import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api } from '$lib/api/client';
import { KEYS } from '$lib/api/keys';
import type { Schemas } from '$lib/interface/schemas';
import { failed } from '$lib/shell/toaster';
import { units } from '$lib/words/units.svelte';

let writing = Promise.resolve();

/**
 * Chooses how things are written: at once here, so that a second choice made meanwhile does not
 * undo the first, and one after the other in the program, so that the last sent is the last kept.
 */
export function chooseUnits(client: QueryClient, change: Partial<Schemas['UnitsChosen']>): void {
  const before = units.chosen;
  const wanted: Schemas['UnitsChosen'] = { ...before, ...change };
  units.take(wanted);
  writing = writing.then(() => send(client, wanted, before));
}

async function send(
  client: QueryClient,
  wanted: Schemas['UnitsChosen'],
  before: Schemas['UnitsChosen'],
): Promise<void> {
  try {
    const now = await answered(api.PUT('/api/site/units', { body: wanted, keepalive: true }));
    if (JSON.stringify(now.units) === JSON.stringify(units.chosen))
      client.setQueryData(KEYS.site, now);
  } catch (failure) {
    units.take(before);
    failed(failure);
  }
}
