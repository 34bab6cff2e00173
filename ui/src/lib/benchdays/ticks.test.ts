import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/api/client';
import { Ticks } from './ticks.svelte';

/** A keeper that answers when it is told to. */
function keeper() {
  const kept = new Set<string>();
  const asked: [string, boolean][] = [];
  const ticks = new Ticks(
    () => [...kept],
    (thing, ready) => {
      asked.push([thing, ready]);
      if (thing === 'refused') return Promise.reject(new Problem('The disk is full.'));
      if (ready) kept.add(thing);
      else kept.delete(thing);
      return Promise.resolve();
    },
  );
  return { kept, asked, ticks };
}

describe('what is ready for a bench day', () => {
  it('shows a tick at once and keeps it', async () => {
    const { ticks, kept } = keeper();
    const sent = ticks.turn('gloves');
    expect(ticks.has('gloves')).toBe(true);
    await sent;
    expect(ticks.has('gloves')).toBe(true);
    expect([...kept]).toEqual(['gloves']);
  });

  it('sends two turns of one thing in their order', async () => {
    const { ticks, asked } = keeper();
    void ticks.turn('gloves');
    await ticks.turn('gloves');
    expect(asked).toEqual([
      ['gloves', true],
      ['gloves', false],
    ]);
    expect(ticks.has('gloves')).toBe(false);
  });

  it('takes a tick back that was not kept, and says why', async () => {
    const { ticks } = keeper();
    await ticks.turn('refused');
    expect(ticks.has('refused')).toBe(false);
    expect(ticks.problem?.message).toBe('The disk is full.');
    await ticks.turn('gloves');
    expect(ticks.problem).toBeUndefined();
  });

  it('shows what another device ticked', () => {
    const { ticks, kept } = keeper();
    kept.add('camera');
    expect(ticks.has('camera')).toBe(true);
  });
});
