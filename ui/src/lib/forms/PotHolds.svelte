<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { KEYS } from '$lib/api/keys';
  import { lengthIn, volumeSaid } from '$lib/words/units.svelte';
  import type { TypedPot } from './pot';

  interface Props {
    pot: TypedPot;
  }
  const { pot }: Props = $props();

  /** The measures once nobody types any more; half a number is not asked for. */
  let asked = $state.raw({ diameterMm: 0, depthMm: 0 });
  $effect(() => {
    const typed = { diameterMm: lengthIn(pot.diameter), depthMm: lengthIn(pot.depth) };
    const timer = setTimeout(() => (asked = typed), 200);
    return () => clearTimeout(timer);
  });
  const volume = createQuery(() => ({
    queryKey: KEYS.potVolume(asked),
    queryFn: () => answered(api.GET('/api/pots/volume', { params: { query: asked } })),
    enabled: asked.diameterMm > 0 && asked.depthMm > 0,
    retry: false,
  }));
</script>

<!-- Its line is there before it says anything, so that what lies below stays where it is. -->
<p class="quiet">
  {#if volume.data}
    It holds {volumeSaid(volume.data.holdsMl)}; {volumeSaid(volume.data.mixMl)} of loose mix at the most,
    as it settles.
  {/if}
</p>

<style>
  p {
    min-height: 20px;
  }
</style>
