<script lang="ts">
  import { judgedApart } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import ApartRow from '$lib/rules/ApartRow.svelte';
  import { count } from '$lib/words/counts';

  const query = judgedApart();
  const page = $derived(query.data);
</script>

<svelte:head><title>Where approaches part · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Where approaches part</h1>
  {#if page}
    <span class="quiet">
      {count(page.apart.length, 'plant')} of {page.plants}: good growers would ask different things
      of
      {page.apart.length === 1 ? 'it' : 'them'} today
    </span>
  {/if}
</div>

<Waiting {query}>
  {#if page}
    {#if page.apart.length}
      <ul class="sheet">
        {#each page.apart as plant (plant.plantId)}
          <ApartRow {plant} today={page.judgedOn} />
        {/each}
      </ul>
    {:else}
      <p class="sheet">
        All four approaches ask the same of every plant today. What they do otherwise stands on each
        plant’s slip.
      </p>
    {/if}
  {/if}
</Waiting>
