<script lang="ts">
  import { choices } from '$lib/api/queries';
  import DilutionSum from '$lib/sums/DilutionSum.svelte';
  import FeedSum from '$lib/sums/FeedSum.svelte';
  import PotSum from '$lib/sums/PotSum.svelte';

  const options = choices();
</script>

<svelte:head><title>Sums · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Sums</h1>
  <span class="quiet">What growers reckon at the bench; nothing of it is kept.</span>
</div>

<div class="sums">
  {#if options.data}<DilutionSum choices={options.data} />{/if}
  <FeedSum />
  <PotSum />
</div>

<style>
  .sums {
    columns: 440px 2;
    column-gap: 16px;
  }
  .sums > :global(section) {
    break-inside: avoid;
    margin-bottom: 16px;
  }
</style>
