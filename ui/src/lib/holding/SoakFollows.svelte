<script lang="ts">
  import SoakChart from '$lib/drawings/SoakChart.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';
  import SoakTable from './SoakTable.svelte';

  interface Props {
    plant: Schemas['PlantPage'];
    soaks: Schemas['Bounds']['soaks'];
    today: string;
  }
  const { plant, soaks, today }: Props = $props();
</script>

<section class="sheet" aria-labelledby="so">
  <h2 id="so">What follows</h2>
  {#if plant.holding}
    <p><Sentence parts={plant.holding.advice} {today} /></p>
    {#if plant.holding.soaks.length}
      <SoakChart
        soaks={plant.holding.soaks}
        {today}
        usualFrom={soaks.asUsualFrom}
        raisedFrom={soaks.raisedFrom}
      />
      <SoakTable soaks={plant.holding.soaks} {today} />
    {/if}
    <p class="quiet">
      {plant.holding.next < today ? 'Next soak was due' : 'Next soak'}
      {short(plant.holding.next, today)}. Holding ends by itself on the day bumps or nubs are seen.
    </p>
  {:else}
    <p class="quiet">
      It is not held in the pot it came in; the test is kept all the same. Holding is set on its <a
        class="link"
        href="/plants/{plant.id}/edit">card</a
      >.
    </p>
  {/if}
  <p class="quiet">
    Never feed above pH {soaks.feedMost}. pH solutions burn: gloves and eye protection, as their
    label says.
  </p>
</section>
