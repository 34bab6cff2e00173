<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import RootChart from '$lib/drawings/RootChart.svelte';
  import { short, span } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    slip: Schemas['Slip'];
  }
  const { slip }: Props = $props();
  const today = $derived(slip.judgedOn);
</script>

{#each slip.roots as roots (roots.lead)}
  {#if slip.roots.length > 1}<h3>Lead {roots.lead}</h3>{/if}
  <RootChart {roots} {today} />
  <p class="quiet">
    {roots.lengthMm < 0 ? 'Bumps, then nubs' : 'Nubs'} until about
    {short(roots.nubUntil.likely, today)}, unsafe until about
    {short(roots.unsafeUntil.likely, today)} ({span(
      roots.unsafeUntil.earliest,
      roots.unsafeUntil.latest,
      today,
    )}){roots.opensAgain ? ', open again from there.' : '.'}
    <Sentence parts={roots.restsOn} {today} />
  </p>
{:else}
  <p class="quiet">
    No growing root tip has been seen since it was last potted. With a length, or a stage from nubs
    to long, the windows are drawn here.
  </p>
{/each}
