import { describe, expect, it } from 'vitest';
import { answered, api, Problem } from './client';

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

describe('every write', () => {
  it('bears a key of its own, and what is only read bears none', async () => {
    const sent: Request[] = [];
    const to = {
      baseUrl: 'http://localhost',
      fetch: async (request: Request) => {
        sent.push(request);
        return Response.json({});
      },
    };
    const body = { plants: [1], aside: true };
    await api.PUT('/api/aside', { ...to, body });
    await api.PUT('/api/aside', { ...to, body });
    await api.PUT('/api/aside', { ...to, body, headers: { 'Idempotency-Key': 'mine-alone' } });
    await api.GET('/api/plants', to);
    const keys = sent.map((request) => request.headers.get('Idempotency-Key'));
    expect(keys[0]).toMatch(/^[!-~]{8,60}$/);
    expect(keys[1]).not.toBe(keys[0]);
    expect(keys.slice(2)).toEqual(['mine-alone', null]);
  });

  it('may be sent again where it failed only for now', () => {
    expect(new Problem('Busy.', [], 503).passing).toBe(true);
    expect(new Problem('Nobody there.', [], 0).passing).toBe(true);
    expect(new Problem('No.', [], 400).passing).toBe(false);
    expect(new Problem('Changed.', [], 409).passing).toBe(false);
  });
});
