<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    plant: Schemas['PlantPage'];
  }
  const { plant }: Props = $props();
</script>

<section class="sheet" aria-labelledby="gone">
  <p class="quiet">It is no longer here, and judged no more</p>
  <h2 id="gone" data-start>{plant.card.statusWords}</h2>
  {#if plant.card.statusReason}<p>{plant.card.statusReason}</p>{/if}
  <p class="quiet">
    All that was noted of it stays. If it comes back, or this was a mistake, change what its
    <a class="link" href="/plants/{plant.id}/edit">card</a> says of its life here.
  </p>
</section>

<style>
  section {
    display: grid;
    gap: 6px;
  }
  h2 {
    font-size: 26px;
  }
  h2::first-letter {
    text-transform: uppercase;
  }
</style>
