<script lang="ts">
  import { page } from '$app/state';
  import { plantList } from '$lib/api/queries';
  import { count } from '$lib/words/counts';
  import OnePlantsYears from '$lib/year/OnePlantsYears.svelte';
  import Year from '$lib/year/Year.svelte';

  const plants = plantList();
  const one = $derived(Number(page.url.searchParams.get('plant')) || undefined);
  const name = $derived(plants.data?.find(({ id }) => id === one)?.name);
</script>

<svelte:head><title>{name ?? 'The year'} · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>{one ? (name ?? 'One plant') : 'The year'}</h1>
  <span class="quiet">
    {#if one}
      year by year · <a class="link" href="/plants/{one}">its page</a>
      <a class="link" href="/year">all plants</a>
    {:else}
      {count(plants.data?.length ?? 0, 'plant')}, what opens next first ·
      <a class="link" href="/taught">what it taught</a>
      <a class="link" href="/year/ahead">the year ahead</a>
      <a class="link" href="/year/review">a year in review</a>
    {/if}
  </span>
</div>

{#if one}<OnePlantsYears plantId={one} />{:else}<Year />{/if}
