const PREFIX = 'ready ';

/** What is ready for a bench day; kept in this browser until the day is over. */
export class Ticks {
  #key: string;
  #ticked = $state<string[]>([]);

  constructor(day: string, today: string) {
    this.#key = PREFIX + day;
    for (const key of Object.keys(localStorage))
      if (key.startsWith(PREFIX) && key.slice(PREFIX.length) < today) localStorage.removeItem(key);
    this.#ticked = JSON.parse(localStorage.getItem(this.#key) ?? '[]') as string[];
  }

  has(thing: string): boolean {
    return this.#ticked.includes(thing);
  }

  turn(thing: string): void {
    this.#ticked = this.has(thing)
      ? this.#ticked.filter((each) => each !== thing)
      : [...this.#ticked, thing];
    localStorage.setItem(this.#key, JSON.stringify(this.#ticked));
  }
}
