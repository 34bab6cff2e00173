import type { QueryClient } from '@tanstack/svelte-query';
import { goto } from '$app/navigation';
import type { Schemas } from '$lib/interface/schemas';
import { answered, api } from '$lib/api/client';
import { changed, KEYS } from '$lib/api/keys';
import { failed } from '$lib/shell/toaster';

/** Begins a job on a plant, or goes on with the one that is open; done in a way of one's own. */
export async function begin(
  client: QueryClient,
  plant: number,
  chosen?: Schemas['JobTold']['chosen'],
): Promise<void> {
  try {
    let job = await answered(api.POST('/api/plants/{id}/job', { params: { path: { id: plant } } }));
    if (chosen) {
      job = await answered(
        api.PUT('/api/jobs/{uid}', {
          params: { path: { uid: job.uid }, query: { version: job.version } },
          body: { ...job.told, chosen },
        }),
      );
    }
    client.setQueryData(KEYS.job(job.uid), job);
    void changed(client, 'jobs');
    await goto(`/jobs/${job.uid}`);
  } catch (failure) {
    failed(failure);
  }
}
