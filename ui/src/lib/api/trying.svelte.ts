import { problemOf, type Problem } from './client';

/** Asks what would follow from what is typed: once nobody types for a moment, and the newest wins. */
export class Trying<T> {
  /** What would follow; nothing while nothing is asked or the last question had no answer. */
  answer = $state<T>();
  /** Why the last question had no answer. */
  problem = $state<Problem>();
  readonly #wait: number;
  #newest = 0;

  /** @param wait for so many ms after the last key */
  constructor(wait: number) {
    this.#wait = wait;
  }

  /**
   * Asks; for an effect, which takes what comes back to let the question go.
   *
   * @param send nothing to ask for nothing
   */
  ask(send: (() => Promise<T>) | undefined): (() => void) | undefined {
    const mine = ++this.#newest;
    if (!send) {
      this.#take(undefined, undefined);
      return undefined;
    }
    const timer = setTimeout(() => void this.#send(mine, send), this.#wait);
    return () => clearTimeout(timer);
  }

  async #send(mine: number, send: () => Promise<T>): Promise<void> {
    try {
      const answer = await send();
      if (mine === this.#newest) this.#take(answer, undefined);
    } catch (failure) {
      if (mine === this.#newest) this.#take(undefined, problemOf(failure));
    }
  }

  #take(answer: T | undefined, problem: Problem | undefined): void {
    this.answer = answer;
    this.problem = problem;
  }
}
