<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { openJobs } from '$lib/api/queries';
  import { shortcut } from '$lib/forms/shortcut.svelte';
  import { begin } from './beginJob';

  interface Props {
    plantId: number;
  }
  const { plantId }: Props = $props();
  const client = useQueryClient();
  const jobs = openJobs();
  const begun = $derived(jobs.data?.find((job) => job.plantId === plantId));

  function keys(event: KeyboardEvent) {
    if (shortcut(event) === 'b') void begin(client, plantId);
  }
</script>

<svelte:window onkeydown={keys} />

<button type="button" class="act go small" onclick={() => begin(client, plantId)}
  >{begun ? 'Go on at the bench' : 'To the bench'} <span class="kbd-hint">B</span></button
>
