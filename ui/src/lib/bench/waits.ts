import type { Schemas } from '$lib/interface/schemas';

export type Timer = Schemas['TimerEntry'];

/** When something rings that is waited for from now on. */
export function ringsAfter(minutes: number, now: number): string {
  return new Date(now + minutes * 60_000).toISOString();
}

/** What is left of a wait: {@code 2:05}, or {@code 1:02:05}; nothing once it is over. */
export function left(rings: string, now: number): string | undefined {
  const seconds = Math.ceil((Date.parse(rings) - now) / 1000);
  if (seconds <= 0) return undefined;
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor(seconds / 60) % 60;
  return hours
    ? `${hours}:${two(minutes)}:${two(seconds % 60)}`
    : `${minutes}:${two(seconds % 60)}`;
}

/** When the last of them rings; now if none runs. */
export function lastRings(timers: Timer[], now: number): number {
  return Math.max(now, ...timers.map(({ rings }) => Date.parse(rings)));
}

/** With one timer more, that begins at a time. */
export function andTimer(
  timers: Timer[],
  task: Timer['task'],
  minutes: number,
  name: string,
  from: number,
): Timer[] {
  return [...timers, { task, rings: ringsAfter(minutes, from), name: name.trim() || null }];
}
