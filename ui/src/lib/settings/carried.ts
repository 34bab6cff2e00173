import { answered, api, type Schemas } from '$lib/api/client';

/** Looks a package through, as the program reads it from the disk piece by piece. */
export const lookThrough = (file: File, headers: Record<string, string>) =>
  answered<Schemas['ArrivalView']>(
    api.POST('/api/package/arrivals', {
      headers: { ...headers, 'Content-Type': 'application/zip' },
      body: file as never,
      bodySerializer: (body: unknown) => body as unknown as File,
    } as never),
  );
