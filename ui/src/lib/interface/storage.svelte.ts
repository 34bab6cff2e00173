/**
 * What this browser keeps of what is typed. It may be full or forbidden: what it does not take lives
 * as long as this window, and no page breaks by it.
 */
class Storage {
  /** Whether something could not be kept. */
  failing = $state(false);
  #instead = new Map<string, string>();

  /** What is kept under a name, as it was written; nothing if there is none. */
  text(name: string): string | null {
    const instead = this.#instead.get(name);
    if (instead !== undefined) return instead;
    try {
      return localStorage.getItem(name);
    } catch {
      return null;
    }
  }

  /** The same, read; nothing where it cannot be read. */
  value<T>(name: string): T | undefined {
    try {
      return (JSON.parse(this.text(name) ?? 'null') as T | null) ?? undefined;
    } catch {
      return undefined;
    }
  }

  keep(name: string, value: unknown): void {
    const text = typeof value === 'string' ? value : JSON.stringify(value);
    try {
      localStorage.setItem(name, text);
      this.#instead.delete(name);
      this.failing = this.#instead.size > 0;
    } catch {
      this.#instead.set(name, text);
      this.failing = true;
    }
  }

  forget(name: string): void {
    this.#instead.delete(name);
    this.failing = this.#instead.size > 0;
    try {
      localStorage.removeItem(name);
    } catch {
      // What is forbidden to be kept was never there.
    }
  }
}

export const storage = new Storage();
