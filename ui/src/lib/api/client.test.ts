import { describe, expect, it } from 'vitest';
import { answered, Problem } from './client';

const said = (error: unknown, status = 400) =>
  answered(Promise.resolve({ error, response: new Response(null, { status }) }));

async function problem(of: Promise<unknown>): Promise<Problem> {
  return of.then(
    () => expect.unreachable('a problem was expected'),
    (failure) => failure as Problem,
  );
}

describe('what the program answers', () => {
  it('is handed on', async () => {
    expect(await answered(Promise.resolve({ data: [1], response: new Response() }))).toEqual([1]);
  });

  it('is handed on even if it is empty or no', async () => {
    expect(await answered(Promise.resolve({ data: '', response: new Response() }))).toBe('');
    expect(await answered(Promise.resolve({ data: false, response: new Response() }))).toBe(false);
  });

  it('is a problem with its sentence and its faults, if it was refused', async () => {
    const faults = [{ field: 'on', sentence: 'It lies in the future.' }];
    const refused = await problem(said({ detail: 'An entry cannot be right.', faults }));
    expect(refused.message).toBe('An entry cannot be right.');
    expect(refused.faults).toEqual(faults);
    expect(refused.unreachable).toBe(false);
  });

  it('is a problem with its number, if nothing was said', async () => {
    const silent = await problem(said(undefined, 502));
    expect(silent.message).toContain('502');
    expect(silent.faults).toEqual([]);
  });

  it('can be asked for again, if it never came', async () => {
    const gone = await problem(answered(Promise.reject(new TypeError('no connection'))));
    expect(gone.unreachable).toBe(true);
    expect(gone.message).toContain('still running');
  });
});
