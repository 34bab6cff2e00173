import { answered, api } from '$lib/api/client';
import { failed } from '$lib/shell/toaster';
import { round } from './walk.svelte';

/** Where a round goes: places, single plants, or all; and whether only to what is due. */
export interface Going {
  place?: number[];
  plant?: number[];
  due?: boolean;
}

/** Begins a round; false if it could not be. */
export async function beginRound(
  title: string,
  { place = [], plant = [], due = false }: Going,
): Promise<boolean> {
  try {
    round.start(
      title,
      await answered(api.GET('/api/round', { params: { query: { place, plant, due } } })),
    );
    return true;
  } catch (failure) {
    failed(failure);
    return false;
  }
}
