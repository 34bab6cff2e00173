import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api, problemOf } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';
import { storage } from '$lib/interface/storage.svelte';
import { newKey, under } from '$lib/api/once';
import { keep } from '$lib/api/queries';
import { takeBack } from '$lib/shell/toaster';

/** What can be sent: each kind of act with what it says. */
export type Message =
  | { kind: 'LOOK'; body: Schemas['NewInspection'] }
  | { kind: 'ASIDE'; body: Schemas['Aside'] }
  | { kind: 'CHECK'; check: string; body: Schemas['Answered'] };

/** An act on its way to the program; its key makes sure that it happens once. */
export interface Letter {
  key: string;
  plantId: number;
  name: string;
  message: Message;
  /** Why the program did not take it; it stays here until somebody says what becomes of it. */
  refused?: string;
}

/** What the program has acknowledged. */
export interface Arrived {
  key: string;
  act: string;
  plantId: number;
}

type Taken = Pick<Schemas['Saved'], 'act'> | Schemas['Done'];

/** How each kind of act is sent; one that is added here can be put into the outbox. */
function send(
  { plantId, message }: Letter,
  headers: Record<string, string>,
): Promise<{ data?: Taken; error?: unknown; response: Response }> {
  switch (message.kind) {
    case 'LOOK':
      return api.POST('/api/plants/{id}/inspections', {
        params: { path: { id: plantId } },
        headers,
        body: message.body,
      });
    case 'ASIDE':
      return api.PUT('/api/aside', { headers, body: message.body });
    case 'CHECK':
      return api.POST('/api/plants/{id}/checks/{check}/answer', {
        params: { path: { id: plantId, check: message.check } },
        headers,
        body: message.body,
      });
  }
}

/** A look as it was kept before other acts could be. */
function opened(letter: Letter & { body?: Schemas['NewInspection'] }): Letter {
  const { body, ...rest } = letter;
  return body ? { ...rest, message: { kind: 'LOOK', body } } : letter;
}

const LETTERS = 'almanac.outbox';
const ARRIVED = 'almanac.outbox.arrived';
const AGAIN_AFTER = 4000;
/** So many acknowledgements are remembered, which is more than any round is long. */
const MOST_ARRIVED = 5000;

function load<T>(store: string): T[] {
  const kept = storage.value<unknown>(store);
  return Array.isArray(kept) ? kept : [];
}

/**
 * Keeps what was seen until the program has acknowledged it: over a reload, while the program does
 * not answer, and when it refuses. Several windows share what is kept.
 */
class Outbox {
  letters = $state<Letter[]>(load<Letter>(LETTERS).map(opened));
  arrived = $state<Arrived[]>(load(ARRIVED));
  /** Why nothing goes out just now, in a sentence. */
  held = $state<string>();
  #sending = false;
  #onItsWay: string | undefined;
  /** Recalled while it was on its way: taken back as soon as it has arrived. */
  #recalled = new Set<string>();
  #timer: ReturnType<typeof setTimeout> | undefined;

  /** What waits to be sent. */
  get waiting(): Letter[] {
    return this.letters.filter((letter) => letter.refused === undefined);
  }

  /** What the program did not take. */
  get refused(): Letter[] {
    return this.letters.filter((letter) => letter.refused !== undefined);
  }

  /** Whether the program has acknowledged what went out under a key. */
  has(key: string | undefined): boolean {
    return key !== undefined && this.arrived.some((each) => each.key === key);
  }

  put(client: QueryClient, plantId: number, name: string, message: Message): string {
    const key = newKey();
    this.#change((letters) => [...letters, { key, plantId, name, message }]);
    void this.send(client);
    return key;
  }

  /** Takes a letter back that has not arrived; false if it has. */
  recall(key: string): boolean {
    const waiting = this.letters.some((letter) => letter.key === key);
    if (waiting && this.#onItsWay === key) this.#recalled.add(key);
    this.drop(key);
    return waiting;
  }

  /** Sends a refused letter once more. */
  again(client: QueryClient, key: string): void {
    this.#change((letters) =>
      letters.map((letter) => (letter.key === key ? { ...letter, refused: undefined } : letter)),
    );
    void this.send(client);
  }

  /** Throws a letter away. */
  drop(key: string): void {
    this.#change((letters) => letters.filter((letter) => letter.key !== key));
  }

  /** Another window has written into what is kept. */
  refresh(): void {
    this.letters = load<Letter>(LETTERS).map(opened);
    this.arrived = load(ARRIVED);
  }

  /** Sends what waits, in its order; what cannot be sent now is tried again by itself. */
  async send(client: QueryClient): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    clearTimeout(this.#timer);
    try {
      for (let next = this.waiting[0]; next; next = this.waiting[0]) {
        if (!(await this.#deliver(client, next))) return;
      }
    } finally {
      this.#sending = false;
    }
  }

  /** Whether the next one may go out. */
  async #deliver(client: QueryClient, letter: Letter): Promise<boolean> {
    this.#onItsWay = letter.key;
    try {
      const taken = await answered(send(letter, under(letter.key)));
      this.held = undefined;
      this.drop(letter.key);
      const act = taken.act;
      if (this.#recalled.delete(letter.key) && act) await takeBack(client, act);
      else {
        if (act) this.#arrives({ key: letter.key, act, plantId: letter.plantId });
        keep(client, taken);
      }
      return true;
    } catch (failure) {
      const problem = problemOf(failure);
      if (problem.passing) {
        this.held = problem.message;
        this.#timer = setTimeout(() => void this.send(client), AGAIN_AFTER);
        return false;
      }
      this.held = undefined;
      this.#recalled.delete(letter.key);
      this.#change((letters) =>
        letters.map((each) =>
          each.key === letter.key ? { ...each, refused: problem.message } : each,
        ),
      );
      return true;
    } finally {
      this.#onItsWay = undefined;
    }
  }

  #arrives(one: Arrived): void {
    this.arrived = [...load<Arrived>(ARRIVED), one].slice(-MOST_ARRIVED);
    storage.keep(ARRIVED, this.arrived);
  }

  /** Changes what is kept as it stands now, whichever window has written it. */
  #change(change: (letters: Letter[]) => Letter[]): void {
    this.letters = change(load<Letter>(LETTERS).map(opened));
    storage.keep(LETTERS, this.letters);
  }
}

export const outbox = new Outbox();
