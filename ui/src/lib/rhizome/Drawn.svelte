<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { KEYS } from '$lib/api/keys';
  import FromAbove from './MapFromAbove.svelte';

  interface Props {
    plantId: number;
  }
  const { plantId }: Props = $props();
  const drawn = createQuery(() => ({
    queryKey: KEYS.plantMap(plantId),
    queryFn: () => answered(api.GET('/api/plants/{id}/map', { params: { path: { id: plantId } } })),
  }));
</script>

{#if drawn.data?.map}
  <section class="sheet" aria-labelledby="from-above">
    <h2 id="from-above">Seen from above</h2>
    <p class="quiet">As it was drawn at the bench, with what has grown since.</p>
    <div class="drawing">
      <FromAbove map={drawn.data.map} marks={drawn.data.marks} radiusMm={drawn.data.radiusMm} />
    </div>
  </section>
{/if}

<style>
  .drawing {
    max-width: 260px;
  }
</style>
