import { answered, api } from './client';

interface More {
  headers?: Record<string, string>;
  query?: Record<string, string>;
}

/** Sends a file as it is, so that the program reads it piece by piece. */
export const sendFile = <T>(
  path: '/api/package/arrivals' | '/api/sheets' | '/api/passports',
  file: File,
  type: string,
  { headers = {}, query = {} }: More = {},
): Promise<T> =>
  answered<T>(
    api.POST(path, {
      params: { query },
      headers: { ...headers, 'Content-Type': type },
      body: file as never,
      bodySerializer: (body: unknown) => body as unknown as File,
    } as never),
  );
