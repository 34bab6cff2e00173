import { afterEach, beforeEach, expect, test, vi } from 'vitest';

class Element {
  constructor(private readonly typed: boolean) {}
  matches() {
    return this.typed;
  }
}

const pressed = (key: string, more: object = {}) =>
  ({
    key,
    code: '',
    altKey: false,
    ctrlKey: false,
    metaKey: false,
    target: new Element(false),
    ...more,
  }) as unknown as KeyboardEvent;

async function fresh() {
  vi.resetModules();
  return await import('./shortcut.svelte');
}

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal('Element', Element);
  vi.stubGlobal('document', { documentElement: { dataset: {} } });
  vi.stubGlobal('localStorage', {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, text: string) => kept.set(name, text),
    removeItem: (name: string) => kept.delete(name),
  });
});

afterEach(() => vi.unstubAllGlobals());

test('a key counts by itself where nothing is typed and nothing is held', async () => {
  const { shortcut } = await fresh();
  expect(shortcut(pressed('b'))).toBe('b');
  expect(shortcut(pressed('b', { target: new Element(true) }))).toBeUndefined();
  expect(shortcut(pressed('b', { ctrlKey: true }))).toBeUndefined();
  expect(shortcut(pressed('b', { altKey: true, code: 'KeyB' }))).toBeUndefined();
});

test('with Alt held it counts also where text is typed, whatever letter that makes', async () => {
  const { shortcut, keyUse } = await fresh();
  keyUse.choose('ALT');
  expect(shortcut(pressed('b'))).toBeUndefined();
  expect(shortcut(pressed('∫', { altKey: true, code: 'KeyB' }))).toBe('b');
  expect(shortcut(pressed('¡', { altKey: true, code: 'Digit1', target: new Element(true) }))).toBe(
    '1',
  );
});

test('switched off, no single key counts, and arrows and Enter still do', async () => {
  const { shortcut, keyUse } = await fresh();
  keyUse.choose('OFF');
  expect(shortcut(pressed('b'))).toBeUndefined();
  expect(shortcut(pressed('=', { altKey: true }))).toBeUndefined();
  expect(shortcut(pressed('ArrowLeft'))).toBe('ArrowLeft');
  expect(shortcut(pressed('Enter', { target: new Element(true) }))).toBeUndefined();
  const again = await fresh();
  expect(again.keyUse.chosen).toBe('OFF');
});
