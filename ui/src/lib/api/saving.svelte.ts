import { problemOf, type Problem } from './client';
import { newKey, under } from './once';

/**
 * What one form sends: one save at a time, under one key until the program has acknowledged it, so
 * that what is sent again because no answer came is not written twice.
 */
export class Saving {
  busy = $state(false);
  /** Why the last save was not taken. */
  problem = $state<Problem>();
  #key = newKey();

  /**
   * Sends something; nothing comes back if it was not taken.
   *
   * @param send takes the header that makes the write happen once
   */
  async save<T>(send: (once: Record<string, string>) => Promise<T>): Promise<T | undefined> {
    if (this.busy) return undefined;
    this.busy = true;
    this.problem = undefined;
    try {
      const taken = await send(under(this.#key));
      this.#key = newKey();
      return taken;
    } catch (failure) {
      this.problem = problemOf(failure);
      return undefined;
    } finally {
      this.busy = false;
    }
  }
}
