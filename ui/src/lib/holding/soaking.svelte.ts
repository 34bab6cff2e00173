import { storage } from '$lib/interface/storage.svelte';

/** The clock of a pot in the water; kept in the browser, so that it goes on over a reload. */
export class Soaking {
  /** When the pot went in. */
  since = $state<number>();
  now = $state(Date.now());
  readonly #store: string;
  readonly #minutes: () => number | undefined;
  #rung = false;

  /** @param minutes how long it soaks, once that is known */
  constructor(plant: number, minutes: () => number | undefined) {
    this.#store = `almanac.soak.${plant}`;
    this.#minutes = minutes;
    this.since = Number(storage.text(this.#store)) || undefined;
  }

  /** How many ms are left; nothing while no pot is in. */
  get left(): number | undefined {
    const minutes = this.#minutes();
    if (this.since === undefined || minutes === undefined) return undefined;
    return Math.max(0, this.since + minutes * 60_000 - this.now);
  }

  /** The time left as it stands on a clock. */
  get clock(): string {
    const seconds = Math.round((this.left ?? 0) / 1000);
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  }

  start(): void {
    this.now = this.since = Date.now();
    this.#rung = false;
    storage.keep(this.#store, this.since);
  }

  /** It was read. */
  end(): void {
    this.since = undefined;
    storage.forget(this.#store);
  }

  /** A second has passed; whether it is time to ring, which it is once. */
  tick(): boolean {
    this.now = Date.now();
    const over = this.left === 0 && !this.#rung;
    if (over) this.#rung = true;
    return over;
  }
}

/** Half a second of sound. */
export function ring(): void {
  try {
    const sound = new AudioContext();
    const tone = sound.createOscillator();
    tone.connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 0.6);
  } catch {
    // A browser without sound shows the clock all the same.
  }
}
