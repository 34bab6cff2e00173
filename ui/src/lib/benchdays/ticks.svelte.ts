import { SvelteMap } from 'svelte/reactivity';
import { problemOf, type Problem } from '$lib/api/client';

/** What is ready for a bench day: as it is kept, and as it is being turned here. */
export class Ticks {
  /** Why the last tick was not taken. */
  problem = $state<Problem>();
  #turned = new SvelteMap<string, boolean>();
  #last: Promise<void> = Promise.resolve();
  readonly #kept: () => readonly string[];
  readonly #send: (thing: string, ready: boolean) => Promise<unknown>;

  constructor(
    kept: () => readonly string[],
    send: (thing: string, ready: boolean) => Promise<unknown>,
  ) {
    this.#kept = kept;
    this.#send = send;
  }

  has(thing: string): boolean {
    return this.#turned.get(thing) ?? this.#kept().includes(thing);
  }

  /** Shown at once, and sent after all that were turned before; taken back if it is not kept. */
  turn(thing: string): Promise<void> {
    const ready = !this.has(thing);
    this.#turned.set(thing, ready);
    this.#last = this.#last.then(async () => {
      try {
        await this.#send(thing, ready);
        this.problem = undefined;
      } catch (failure) {
        this.problem = problemOf(failure);
      }
      if (this.#turned.get(thing) === ready) this.#turned.delete(thing);
    });
    return this.#last;
  }
}
