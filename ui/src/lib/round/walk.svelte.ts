import type { Schemas } from '$lib/interface/schemas';
import { storage } from '$lib/interface/storage.svelte';
import { retypedLooks, type TypedLook } from '$lib/looks/looks';
import { units, type Written } from '$lib/words/units.svelte';

/** One way to answer a check with a tap. */
export type Tick = Schemas['Tick']['answer'];

/** A round under way, kept in the browser so that a reload loses nothing. */
export interface Walk {
  title: string;
  items: string[];
  stops: Schemas['Stop'][];
  at: number;
  /** How each plant was left: seen under a key, or passed by. */
  left: Record<number, string>;
  /** What has been tapped for the plant that is looked at now. */
  looks: Record<string, TypedLook>;
  /** How the checks of that plant were answered that no row answers. */
  ticks?: Record<string, Tick>;
  /** Under which keys those of each plant went out. */
  ticked?: Record<number, string[]>;
  taps: number;
  startedAt: number;
  /** In which units what was tapped is measured. */
  units?: Written;
}

const STORE = 'almanac.round';

class Round {
  now = $state<Walk | undefined>(storage.value<Walk>(STORE));

  start(title: string, round: Schemas['Round']): void {
    this.now = {
      title,
      items: round.items,
      stops: round.stops,
      at: 0,
      left: {},
      looks: {},
      ticks: {},
      ticked: {},
      taps: 0,
      startedAt: Date.now(),
    };
  }

  /** What was tapped before the units were changed, typed anew in those that hold now. */
  retype(choices: Schemas['LookChoice'][]): void {
    const from = this.now?.units;
    if (!this.now || !from) return;
    this.now.looks = retypedLooks(this.now.looks, choices, from);
    this.now.units = undefined;
  }

  end(): void {
    this.now = undefined;
    storage.forget(STORE);
  }

  store(): void {
    if (!this.now) return;
    const { length, warmth } = units;
    const written = this.now.units ?? { length, warmth };
    storage.keep(STORE, { ...this.now, units: written });
  }
}

export const round = new Round();
