import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

let kept: Map<string, string>;
let full: boolean;

async function fresh() {
  vi.resetModules();
  return (await import('./storage.svelte')).storage;
}

beforeEach(() => {
  kept = new Map();
  full = false;
  vi.stubGlobal('localStorage', {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, text: string) => {
      if (full) throw new DOMException('full', 'QuotaExceededError');
      kept.set(name, text);
    },
    removeItem: (name: string) => kept.delete(name),
  });
});

afterEach(() => vi.unstubAllGlobals());

describe('what this browser keeps', () => {
  it('is read as it was written, and nothing where it cannot be read', async () => {
    const storage = await fresh();
    storage.keep('letters', [1, 2]);
    expect(kept.get('letters')).toBe('[1,2]');
    expect(storage.value('letters')).toEqual([1, 2]);
    kept.set('letters', '[{"key":');
    expect(storage.value('letters')).toBeUndefined();
  });

  it('lives as long as the window where it is full, and says so until it is kept', async () => {
    const storage = await fresh();
    storage.keep('letters', ['one']);
    full = true;
    storage.keep('letters', ['one', 'two']);
    expect(storage.failing).toBe(true);
    expect(storage.value('letters')).toEqual(['one', 'two']);
    expect(kept.get('letters')).toBe('["one"]');
    full = false;
    storage.keep('letters', ['one', 'two']);
    expect(storage.failing).toBe(false);
    expect(kept.get('letters')).toBe('["one","two"]');
  });

  it('breaks nothing where it is forbidden', async () => {
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new DOMException('forbidden', 'SecurityError');
      },
    });
    const storage = await fresh();
    expect(storage.text('mode')).toBeNull();
    storage.keep('mode', 'lamp');
    expect(storage.text('mode')).toBe('lamp');
    storage.forget('mode');
    expect(storage.text('mode')).toBeNull();
    expect(storage.failing).toBe(false);
  });
});
