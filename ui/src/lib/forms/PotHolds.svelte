<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { lengthIn, volumeSaid } from '$lib/words/units.svelte';
  import type { TypedPot } from './pot';

  interface Props {
    pot: TypedPot;
  }
  const { pot }: Props = $props();

  const diameterMm = $derived(lengthIn(pot.diameter));
  const depthMm = $derived(lengthIn(pot.depth));
  const volume = createQuery(() => ({
    queryKey: ['potVolume', diameterMm, depthMm],
    queryFn: () =>
      answered(api.GET('/api/pots/volume', { params: { query: { diameterMm, depthMm } } })),
    enabled: diameterMm > 0 && depthMm > 0,
    retry: false,
  }));
</script>

{#if volume.data}
  <p class="quiet">
    It holds {volumeSaid(volume.data.holdsMl)}; {volumeSaid(volume.data.mixMl)} of loose mix at the most,
    as it settles.
  </p>
{/if}
