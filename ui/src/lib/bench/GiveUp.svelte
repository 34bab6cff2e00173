<script lang="ts">
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import { failed, toaster } from '$lib/shell/toaster';
  import type { AtBench } from './atBench.svelte';

  const { bench }: { bench: AtBench } = $props();
  const client = useQueryClient();
  let asked = $state(false);

  async function giveUp() {
    try {
      await answered(api.DELETE('/api/jobs/{uid}', { params: { path: { uid: bench.job.uid } } }));
      bench.leave();
      void changed(client, 'jobs');
      toaster.success({ title: 'Given up; nothing of it is kept', duration: 6000 });
      await goto(`/plants/${bench.job.plantId}`);
    } catch (failure) {
      failed(failure);
    }
  }
</script>

{#if asked}
  <p>
    Give the job up? Nothing of it is kept; pictures stay.
    <button type="button" class="link" onclick={giveUp}>Give it up</button>
    <button type="button" class="link" onclick={() => (asked = false)}>Go on</button>
  </p>
{:else}
  <button type="button" class="link" onclick={() => (asked = true)}>Give the job up</button>
{/if}
