<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import DaysToDry from '$lib/drawings/DaysToDry.svelte';
  import LifeBar from '$lib/drawings/LifeBar.svelte';
  import Part from '$lib/shell/Part.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { partial } from '$lib/words/dates';

  const { plant }: { plant: Schemas['PlantPage'] } = $props();
</script>

<section class="sheet" aria-labelledby="medium">
  <h2 id="medium">Medium</h2>
  <p class="quiet">
    {plant.potting.mixWords}, {plant.potting.moistureWords};
    <Sentence parts={plant.potting.potWords} today={plant.today} />; potted {partial(
      plant.potting.pottedOn,
    )}
  </p>
  {#if plant.slip?.medium}
    <Part name="the medium"><LifeBar medium={plant.slip.medium} /></Part>
    <p class="because">
      <Sentence parts={plant.slip.medium.because} today={plant.today} />
    </p>
  {:else if plant.slip}
    <p class="because">Nothing in it decays: it has no clock.</p>
  {/if}
  {#if plant.slip}<a class="link" href="/plants/{plant.id}/hold">Soak test</a>{/if}
  <Part name="the days to dry">
    <DaysToDry
      lines={plant.journal}
      since={plant.potting.pottedOn === 'unknown' ? '' : plant.potting.pottedOn}
      today={plant.today}
    />
  </Part>
</section>

<style>
  .because {
    font-size: 14.5px;
  }
</style>
