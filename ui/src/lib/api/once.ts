/** The header under which a write happens once, however often it is sent. */
export const KEY_HEADER = 'Idempotency-Key';

/** A key that no other write bears. */
export function newKey(): string {
  return `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;
}

/** The header for a key. */
export function under(key: string): Record<string, string> {
  return { [KEY_HEADER]: key };
}
