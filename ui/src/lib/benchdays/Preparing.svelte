<script lang="ts">
  import { benchNeeds, openBatches, openJobs, sitePage } from '$lib/api/queries';
  import Lacking from './Lacking.svelte';
  import { volumeSaid } from '$lib/words/units.svelte';

  const jobs = openJobs();
  const batches = openBatches();
  const needs = benchNeeds();
  const site = sitePage();
</script>

<section class="sheet" aria-labelledby="open">
  <h2 id="open">In hand</h2>
  {#if jobs.data?.length || batches.data?.length}
    <ul>
      {#each batches.data ?? [] as batch (batch.uid)}
        <li>
          <a class="link" href="/batches/{batch.uid}">{batch.plants} plants together</a>
          <span class="quiet">{batch.open ? `${batch.open} to be done` : 'check their tags'}</span>
        </li>
      {/each}
      {#each jobs.data ?? [] as job (job.uid)}
        <li><a class="link" href="/jobs/{job.uid}">{job.name}</a></li>
      {/each}
    </ul>
  {:else}
    <p class="quiet">
      Nothing. A job begins on a plant’s page; several together, chosen among the plants.
    </p>
  {/if}
  {#if needs.data?.mixes.length}
    <h2>To be mixed for them</h2>
    <ul>
      {#each needs.data.mixes as mix (mix.mix)}
        <li>
          <b>{volumeSaid(mix.fill.mixMl)}</b> of {mix.mix}, for {mix.pots}
          {mix.pots === 1 ? 'pot' : 'pots'}: {mix.fill.measured}
        </li>
      {/each}
    </ul>
  {/if}
  <h2>Shopping list</h2>
  {#if needs.data?.lacking.length}
    <ul>
      {#each needs.data.lacking as lack, i (i)}
        <li><Lacking {lack} today={site.data?.today ?? ''} /></li>
      {/each}
    </ul>
    <p class="quiet">
      What is in hand and what lies on your bench days needs beyond the stock, and what is low or
      out. What is only lifted and looked at counts by its chance.
    </p>
  {:else}
    <p class="quiet">Nothing runs short.</p>
  {/if}
</section>

<style>
  ul {
    margin: 0 0 14px;
  }
  h2:not(:first-child) {
    margin-top: 16px;
  }
  li {
    padding: 5px 0;
    border-bottom: 1px solid var(--color-rule);
  }
</style>
