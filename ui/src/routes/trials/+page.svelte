<script lang="ts">
  import { page } from '$app/state';
  import { sitePage, trialHalves, trials } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import BeginTrial from '$lib/trials/BeginTrial.svelte';
  import Line from '$lib/trials/Line.svelte';

  const query = trials();
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
  const first = $derived(page.url.searchParams.getAll('plant').map(Number).filter(Boolean));
  const halves = trialHalves(() => first);
  const together = $derived(first.length > 1);
</script>

<svelte:head><title>Trials · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Trials</h1>
  <a class="link" href="/taught">What it taught</a>
</div>

<Waiting {query}>
  {#if query.data}
    <div class="all">
      {#if together}
        <Waiting query={halves}>
          <BeginTrial choices={query.data} {first} halves={halves.data} open {today} />
        </Waiting>
      {:else if first.length}
        <BeginTrial choices={query.data} {first} open {today} />
      {/if}
      {#if query.data.trials.length}
        <ul>
          {#each query.data.trials as trial (trial.uid)}<Line {trial} {today} />{/each}
        </ul>
      {:else}
        <p class="sheet">
          Try a medium, a pot, a place, a feed or a way to move on one plant, or on half of a
          divided one, and hold it against the other half, others of its kind, or its own years
          before. What was measured stands here from the first look on; what it comes to, from the
          first honest day on.
        </p>
      {/if}
      {#if !first.length}<BeginTrial choices={query.data} {first} open={false} {today} />{/if}
    </div>
  {/if}
</Waiting>

<style>
  .all {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 900px;
  }
  ul {
    display: grid;
    gap: 12px;
    margin: 0;
    padding: 0;
  }
  p {
    margin: 0;
  }
</style>
