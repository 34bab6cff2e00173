<script lang="ts">
  import { trainerPage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import HowItGoes from '$lib/trainer/HowItGoes.svelte';
  import Sitting from '$lib/trainer/Sitting.svelte';

  const query = trainerPage();
  const page = $derived(query.data);
</script>

<svelte:head><title>Trainer · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Trainer</h1>
  {#if page}
    <span class="quiet">
      {#if page.answeredToday < page.sitting}
        {page.answeredToday} of {page.sitting} for today
      {:else}
        {page.answeredToday} answered today; that is a sitting
      {/if}
    </span>
  {/if}
  <a class="link" href="/opinion">A second opinion</a>
</div>

<Waiting {query}>
  {#if page}
    <div class="columns">
      <div class="main">
        {#if page.next}
          {#key page.next.key}
            <Sitting asked={page.next} today={page.today} />
          {/key}
        {:else}
          <p class="sheet">
            You know them all for now. What you misjudged comes back on its day, and each move of
            your own adds cases once it is known what came of it.
          </p>
        {/if}
      </div>
      <div class="side"><HowItGoes {page} /></div>
    </div>
  {/if}
</Waiting>

<style>
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 300px;
    gap: 16px;
    align-items: start;
  }
  .main {
    display: grid;
    gap: 16px;
    min-width: 0;
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
