import { KEPT_HEADER } from './kept';

/** Whether the program answers, or what is shown was kept by the browser. */
class Answering {
  /** When the oldest of what is shown was said; nothing while the program answers. */
  keptSince = $state<string>();

  take(answer: Response): void {
    const at = answer.headers.get(KEPT_HEADER);
    if (!at) this.keptSince = undefined;
    else if (!this.keptSince || at < this.keptSince) this.keptSince = at;
  }
}

export const answering = new Answering();
