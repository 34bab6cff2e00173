<script lang="ts">
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { openJobs } from '$lib/api/queries';
  import { typedInto } from '$lib/forms/typedInto';
  import { failed } from '$lib/shell/toaster';

  interface Props {
    plantId: number;
  }
  const { plantId }: Props = $props();
  const client = useQueryClient();
  const jobs = openJobs();
  const begun = $derived(jobs.data?.find((job) => job.plantId === plantId));

  async function begin() {
    try {
      const job = await answered(
        api.POST('/api/plants/{id}/job', { params: { path: { id: plantId } } }),
      );
      client.setQueryData(['job', job.uid], job);
      void client.invalidateQueries({ queryKey: ['jobs'] });
      await goto(`/jobs/${job.uid}`);
    } catch (failure) {
      failed(failure);
    }
  }

  function keys(event: KeyboardEvent) {
    if (typedInto(event)) return;
    if (event.key === 'b') void begin();
  }
</script>

<svelte:window onkeydown={keys} />

<button type="button" class="act go small" onclick={begin}
  >{begun ? 'Go on at the bench' : 'To the bench'} <span class="kbd-hint">B</span></button
>
