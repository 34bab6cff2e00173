import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { retyped, units } from '$lib/words/units.svelte';
import { Draft, laidOver } from './drafts.svelte';

interface Form {
  note: string;
  looks: Record<string, { answers: string[]; measured: string }>;
}

const fresh = (): Form => ({ note: '', looks: { roots: { answers: [], measured: '' } } });
let kept: Map<string, string>;

beforeEach(() => {
  kept = new Map();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
});

afterEach(() => {
  vi.unstubAllGlobals();
  units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' });
});

/** A form that is opened, typed into, and left. */
function left(change: (form: Form) => void, as = fresh()): void {
  const draft = new Draft<Form>('inspect.4');
  const form = draft.begin(as);
  change(form);
  draft.keep(form);
}

describe('what was typed and not saved', () => {
  it('lies in the form again when it is opened anew, and says since when', () => {
    left((form) => {
      form.note = 'a soft root';
      form.looks['roots']!.answers = ['MIXED'];
    });
    const again = new Draft<Form>('inspect.4');
    expect(again.begin(fresh())).toEqual({
      note: 'a soft root',
      looks: { roots: { answers: ['MIXED'], measured: '' } },
    });
    expect(again.since).toBeDefined();
    expect(again.drop()).toEqual(fresh());
    expect(new Draft<Form>('inspect.4').begin(fresh())).toEqual(fresh());
  });

  it('belongs to its own form alone', () => {
    left((form) => (form.note = 'a soft root'));
    expect(new Draft<Form>('inspect.5').begin(fresh())).toEqual(fresh());
  });

  it('is not kept where nobody has typed, nor once it was saved', () => {
    left(() => {});
    expect(kept.size).toBe(0);
    const draft = new Draft<Form>('inspect.4');
    const form = draft.begin(fresh());
    form.note = 'firm';
    draft.keep(form);
    draft.saved();
    draft.keep(form);
    expect(kept.size).toBe(0);
  });

  it('is laid over what has changed meanwhile, and touches nothing else', () => {
    left((form) => (form.note = 'mine'));
    const meanwhile = fresh();
    meanwhile.looks['roots']!.answers = ['FIRM'];
    expect(new Draft<Form>('inspect.4').begin(meanwhile)).toEqual({
      note: 'mine',
      looks: { roots: { answers: ['FIRM'], measured: '' } },
    });
    expect(laidOver({ a: 1, b: 2 }, { a: 0, b: 2 }, { a: 0, b: 3 })).toEqual({ a: 1, b: 3 });
  });

  it('is the same length when the units were changed meanwhile', () => {
    left((form) => (form.looks['roots']!.measured = '84'));
    units.take({ ...units.chosen, length: 'INCH' });
    const draft = new Draft<Form>('inspect.4', (form, from) => ({
      ...form,
      looks: {
        roots: {
          ...form.looks['roots']!,
          measured: retyped(form.looks['roots']!.measured, 'mm', from),
        },
      },
    }));
    expect(draft.begin(fresh()).looks['roots']!.measured).toBe('3.31');
  });

  it('that cannot be read any more is as if nothing was typed', () => {
    kept.set('almanac.draft.inspect.4', '{"base":');
    expect(new Draft<Form>('inspect.4').begin(fresh())).toEqual(fresh());
  });
});
