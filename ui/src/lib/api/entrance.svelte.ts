import { SAID } from './kept';

/** Whether this device has to come in first, as the program last said. */
class Entrance {
  out = $state(false);

  take(answer: Response): void {
    if (answer.status === 401 && !this.out) this.leave();
  }

  /** What was kept of the collection goes; what still waits to be sent stays. */
  leave(): void {
    this.out = true;
    if ('caches' in globalThis) void caches.delete(SAID);
  }
}

export const entrance = new Entrance();

/** What a browser tells of the device it runs on, so that its name need not be typed. */
export function deviceName(agent: string): string {
  if (/iPhone/.test(agent)) return 'iPhone';
  if (/iPad/.test(agent)) return 'iPad';
  if (/Android/.test(agent)) return /Mobile/.test(agent) ? 'Android phone' : 'Android tablet';
  const browser = /Firefox/.test(agent) ? 'Firefox' : /Chrome/.test(agent) ? 'Chromium' : 'Browser';
  const system = /Windows/.test(agent)
    ? ' on Windows'
    : /Mac OS/.test(agent)
      ? ' on a Mac'
      : /Linux/.test(agent)
        ? ' on Linux'
        : '';
  return browser + system;
}
