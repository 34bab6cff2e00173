import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api } from '$lib/api/client';
import { changed } from '$lib/api/keys';
import type { Schemas } from '$lib/interface/schemas';
import { failed, saved } from '$lib/shell/toaster';
import { moved, type Order } from './order';

/** Moves plants; one stands where it was put only once the program has said so. */
export class Standing {
  /** How plants stand while one is on its way; the program's own order otherwise. */
  order = $state<Order>();
  /** The plant that is on its way. */
  sent = $state<number>();
  readonly #client: QueryClient;

  constructor(client: QueryClient) {
    this.#client = client;
  }

  /** Whether a plant stands now where it was put. */
  async put(
    now: Order,
    plant: Pick<Schemas['PlantLine'], 'id' | 'name'>,
    place: number,
    at: number,
  ): Promise<boolean> {
    const order = moved(now, plant.id, place, at);
    this.order = order;
    this.sent = plant.id;
    try {
      const result = await answered(
        api.PUT('/api/places/{id}/plants', {
          params: { path: { id: place } },
          body: { plants: order[place]! },
          keepalive: true,
        }),
      );
      await this.#again();
      saved(this.#client, `${plant.name} moved`, result);
      return true;
    } catch (failure) {
      failed(failure);
      await this.#again();
      return false;
    }
  }

  async #again(): Promise<void> {
    await changed(this.#client, 'places');
    this.order = undefined;
    this.sent = undefined;
  }
}
