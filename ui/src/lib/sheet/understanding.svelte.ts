import { answered, api, problemOf, type Problem } from '$lib/api/client';
import { guessed, readFile, type Decisions, type Reading, type SheetView } from './broughtIn';

/** A list that is being understood: what it holds, what was said of it, and what follows. */
export class Understanding {
  view = $state.raw<SheetView>();
  said = $state.raw<Decisions>();
  reading = $state.raw<Reading>();
  /** Whether something was said that is not yet read through. */
  busy = $state(false);
  problem = $state<Problem>();
  #turn = 0;

  /** Has a file read; what was open before is left. */
  async open(file: File): Promise<void> {
    this.busy = true;
    this.problem = undefined;
    this.view = this.said = this.reading = undefined;
    try {
      const view = await readFile(file);
      this.view = view;
      await this.say(guessed(view));
    } catch (failure) {
      this.problem = problemOf(failure);
    } finally {
      this.busy = false;
    }
  }

  /** Says how the list is to be understood; the newest that was said is shown. */
  async say(change: Partial<Decisions>): Promise<void> {
    if (!this.view) return;
    const said = { ...this.said, ...change } as Decisions;
    const turn = ++this.#turn;
    this.said = said;
    this.busy = true;
    try {
      const reading = await answered(
        api.POST('/api/sheets/{uid}/reading', {
          params: { path: { uid: this.view.uid } },
          body: said,
        }),
      );
      if (turn !== this.#turn) return;
      this.reading = reading;
      this.problem = undefined;
    } catch (failure) {
      if (turn === this.#turn) this.problem = problemOf(failure);
    } finally {
      if (turn === this.#turn) this.busy = false;
    }
  }

  /** Leaves the list; nothing of it was kept. */
  async leave(): Promise<void> {
    this.#turn++;
    this.view = this.said = this.reading = this.problem = undefined;
    this.busy = false;
    await api.DELETE('/api/sheets');
  }
}
