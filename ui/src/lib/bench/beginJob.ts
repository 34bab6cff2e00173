import type { QueryClient } from '@tanstack/svelte-query';
import { goto } from '$app/navigation';
import { answered, api } from '$lib/api/client';
import { changed, KEYS } from '$lib/api/keys';
import { failed } from '$lib/shell/toaster';

/** Begins a job on a plant, or goes on with the one that is open. */
export async function begin(client: QueryClient, plant: number): Promise<void> {
  try {
    const job = await answered(
      api.POST('/api/plants/{id}/job', { params: { path: { id: plant } } }),
    );
    client.setQueryData(KEYS.job(job.uid), job);
    void changed(client, 'jobs');
    await goto(`/jobs/${job.uid}`);
  } catch (failure) {
    failed(failure);
  }
}
