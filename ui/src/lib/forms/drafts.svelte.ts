import { storage } from '$lib/interface/storage.svelte';
import { units, type Written } from '$lib/words/units.svelte';

/** A form as it lay open: what it began with, and what was typed since. */
interface Kept<T> {
  base: T;
  now: T;
  at: string;
  units: Written;
}

/** Rewrites what was typed in other units than those that hold now. */
export type Retype<T> = (form: T, from: Written) => T;

const PREFIX = 'almanac.draft.';

function now(): string {
  return new Date().toISOString();
}

function plain(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

/** A fresh form with what was changed in an old one laid over it. */
export function laidOver<T>(fresh: T, base: T, now: T): T {
  if (!plain(fresh) || !plain(base) || !plain(now)) return same(base, now) ? fresh : now;
  const over: Record<string, unknown> = { ...fresh };
  for (const [key, value] of Object.entries(now))
    over[key] = key in fresh ? laidOver(fresh[key], base[key], value) : value;
  return over as T;
}

/**
 * What is typed into a form and not saved yet, kept in the browser over links, reloads and power
 * cuts, and dropped once it is saved.
 */
export class Draft<T extends object> {
  /** When what lies in the form again was left; nothing if it began anew. */
  since = $state<string>();
  readonly #name: string;
  readonly #retype: Retype<T>;
  #base: T | undefined;

  /**
   * @param name of the form and of what it is about
   * @param retype for a form with measures in it
   */
  constructor(name: string, retype: Retype<T> = (form) => form) {
    this.#name = PREFIX + name;
    this.#retype = retype;
  }

  /** The form to begin with: as it is, with what was typed before and never saved. */
  begin(fresh: T): T {
    this.#base = JSON.parse(JSON.stringify(fresh)) as T;
    const kept = this.#kept();
    if (!kept) return fresh;
    this.since = kept.at;
    return laidOver(fresh, this.#retype(kept.base, kept.units), this.#retype(kept.now, kept.units));
  }

  /** Keeps the form as it stands. */
  keep(form: T): void {
    if (!this.#base) return;
    if (same(this.#base, form)) {
      storage.forget(this.#name);
      return;
    }
    const kept: Kept<T> = {
      base: this.#base,
      now: form,
      at: this.since ?? now(),
      units: { length: units.length, warmth: units.warmth },
    };
    storage.keep(this.#name, kept);
  }

  /** It was saved, or is to begin anew: the form as it is. */
  drop(): T {
    storage.forget(this.#name);
    this.since = undefined;
    const fresh = JSON.parse(JSON.stringify(this.#base)) as T;
    return fresh;
  }

  /** It was saved: nothing is kept of it any more. */
  saved(): void {
    storage.forget(this.#name);
    this.#base = undefined;
  }

  #kept(): Kept<T> | undefined {
    return storage.value<Kept<T>>(this.#name);
  }
}
