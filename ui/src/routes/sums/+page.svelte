<script lang="ts">
  import { choices, sitePage } from '$lib/api/queries';
  import DilutionSum from '$lib/sums/DilutionSum.svelte';
  import FeedSum from '$lib/sums/FeedSum.svelte';
  import OtherSums from '$lib/sums/OtherSums.svelte';
  import PotSum from '$lib/sums/PotSum.svelte';

  const options = choices();
  const site = sitePage();
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
  {#if options.data && site.data}
    <OtherSums choices={options.data} latitude={site.data.latitude} today={site.data.today} />
  {/if}
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
