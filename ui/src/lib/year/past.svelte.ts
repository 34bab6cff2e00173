import type { QueryClient } from '@tanstack/svelte-query';
import { SvelteMap } from 'svelte/reactivity';
import { answered, api } from '$lib/api/client';
import { KEYS } from '$lib/api/keys';
import { type DrawnPast, drawnPast } from './yearLines';

const AT_ONCE = 50;

/** The past of plants, asked for as they come into sight. */
export class PastOf {
  private readonly known = new SvelteMap<number, DrawnPast>();
  private asked: Record<number, true> = {};

  constructor(private readonly client: QueryClient) {}

  of(id: number): DrawnPast | undefined {
    return this.known.get(id);
  }

  /** Everything is asked for anew; until then what was known is shown. */
  forget(): void {
    this.asked = {};
  }

  /** Asks for those that are not known; what fails is asked for again when it is next in sight. */
  async want(ids: number[]): Promise<void> {
    const missing = ids.filter((id) => !this.asked[id]).slice(0, AT_ONCE);
    if (!missing.length) return;
    for (const id of missing) this.asked[id] = true;
    try {
      const all = await this.client.fetchQuery({
        queryKey: KEYS.yearPast(missing),
        staleTime: 0,
        queryFn: () =>
          answered(api.GET('/api/year/past', { params: { query: { plants: missing } } })),
      });
      for (const past of all) this.known.set(past.plantId, drawnPast(past));
    } catch {
      for (const id of missing) delete this.asked[id];
    }
  }
}
