import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api, Problem, type Schemas } from '$lib/api/client';
import { keep } from '$lib/api/queries';
import { takeBack } from '$lib/shell/toaster';

/** An inspection on its way to the program; its key makes sure that it arrives once. */
export interface Letter {
  key: string;
  plantId: number;
  name: string;
  body: Schemas['NewInspection'];
}

/** What the program did not take, and why. */
export interface Returned {
  letter: Letter;
  sentence: string;
}

const STORE = 'almanac.outbox';
const AGAIN_AFTER = 4000;

function load(): Letter[] {
  try {
    return JSON.parse(localStorage.getItem(STORE) ?? '[]') as Letter[];
  } catch {
    return [];
  }
}

/**
 * Keeps what was seen until the program has it: over a reload, and while the program does not
 * answer.
 */
class Outbox {
  letters = $state<Letter[]>(load());
  returned = $state<Returned[]>([]);
  unreachable = $state(false);
  /** What arrived last, so that it can be taken back. */
  arrived = $state<{ key: string; entryId: number; plantId: number }[]>([]);
  #sending = false;
  /** Recalled while it was on its way: taken back as soon as it has arrived. */
  #recalled = new Set<string>();
  #timer: ReturnType<typeof setTimeout> | undefined;

  put(client: QueryClient, plantId: number, name: string, body: Schemas['NewInspection']): string {
    const key = `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;
    this.letters.push({ key, plantId, name, body: { ...body, sentKey: key } });
    this.#store();
    void this.send(client);
    return key;
  }

  /** Takes a letter back that has not arrived; false if it has. */
  recall(key: string): boolean {
    const waiting = this.letters.some((letter) => letter.key === key);
    if (waiting && this.#sending && this.letters[0]!.key === key) this.#recalled.add(key);
    this.letters = this.letters.filter((letter) => letter.key !== key);
    this.#store();
    return waiting;
  }

  /** Sends what waits, in its order; what cannot be sent now is tried again by itself. */
  async send(client: QueryClient): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    clearTimeout(this.#timer);
    try {
      while (this.letters.length) {
        const letter = this.letters[0]!;
        try {
          const saved = await answered(
            api.POST('/api/plants/{id}/inspections', {
              params: { path: { id: letter.plantId } },
              body: letter.body,
            }),
          );
          this.unreachable = false;
          if (this.#recalled.delete(letter.key)) await takeBack(client, saved.entryId);
          else {
            this.arrived.push({
              key: letter.key,
              entryId: saved.entryId,
              plantId: letter.plantId,
            });
            keep(client, saved);
          }
        } catch (failure) {
          if (failure instanceof Problem && failure.unreachable) {
            this.unreachable = true;
            this.#timer = setTimeout(() => void this.send(client), AGAIN_AFTER);
            return;
          }
          const sentence = failure instanceof Error ? failure.message : String(failure);
          this.returned.push({ letter, sentence });
        }
        this.letters = this.letters.filter((each) => each.key !== letter.key);
        this.#store();
      }
    } finally {
      this.#sending = false;
    }
  }

  #store(): void {
    localStorage.setItem(STORE, JSON.stringify(this.letters));
  }
}

export const outbox = new Outbox();
