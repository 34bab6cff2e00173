<script lang="ts">
  import {
    benchNeeds,
    choices,
    openBatches,
    openJobs,
    recipeList,
    sitePage,
    stockPage,
  } from '$lib/api/queries';
  import Waiting from '$lib/shell/Waiting.svelte';
  import AddStock from '$lib/stock/AddStock.svelte';
  import { sortOf } from '$lib/stock/amounts';
  import RecipeRow from '$lib/stock/RecipeRow.svelte';
  import StockRow from '$lib/stock/StockRow.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { volumeSaid } from '$lib/words/units.svelte';

  const jobs = openJobs();
  const batches = openBatches();
  const needs = benchNeeds();
  const stock = stockPage();
  const recipes = recipeList();
  const options = choices();
  const site = sitePage();
  const SORTS = [
    { sort: 'pots', title: 'Pots' },
    { sort: 'loose', title: 'Components' },
    { sort: 'things', title: 'Other things' },
  ] as const;
</script>

<svelte:head><title>Bench · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Bench</h1>
  <span class="quiet">
    <a class="link" href="/sums">Sums</a> · <a class="link" href="/tags">Tags</a>
  </span>
</div>

<div class="bench">
  <section class="sheet" aria-labelledby="open">
    <h2 id="open">In hand</h2>
    {#if jobs.data?.length || batches.data?.length}
      <ul>
        {#each batches.data ?? [] as batch (batch.uid)}
          <li>
            <a class="link" href="/batches/{batch.uid}">{batch.plants} plants together</a>
            <span class="quiet">{batch.open ? `${batch.open} to be done` : 'check their tags'}</span
            >
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
          <li><Sentence parts={lack} today={site.data?.today ?? ''} /></li>
        {/each}
      </ul>
      <p class="quiet">What the jobs in hand need beyond the stock, and what is low or out.</p>
    {:else}
      <p class="quiet">Nothing runs short.</p>
    {/if}
    <h2>Recipes</h2>
    {#if recipes.data?.length}
      <ul>
        {#each recipes.data as recipe (recipe.uid)}<RecipeRow {recipe} />{/each}
      </ul>
    {:else}
      <p class="quiet">None yet; a mix is kept by name where a pot is filled.</p>
    {/if}
  </section>

  <section class="sheet" aria-labelledby="stock">
    <h2 id="stock">Stock</h2>
    <Waiting query={stock}>
      {#if options.data}
        {#each SORTS as { sort, title } (sort)}
          {@const lines = (stock.data ?? []).filter((line) => sortOf(line) === sort)}
          {#if lines.length}
            <h3>{title}</h3>
            <ul>
              {#each lines as line (line.uid)}<StockRow {line} choices={options.data} />{/each}
            </ul>
          {/if}
        {/each}
        {#if !stock.data?.length}
          <p>
            Nothing is kept in stock yet. What you put in is weighed against every job, drawn when
            it is finished, and given back when it is undone.
          </p>
        {/if}
        <details open={!stock.data?.length}>
          <summary>Put something in stock</summary>
          <AddStock choices={options.data} />
        </details>
      {/if}
    </Waiting>
  </section>
</div>

<style>
  .bench {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    gap: 16px;
    align-items: start;
  }
  ul {
    list-style: none;
    margin: 0 0 14px;
    padding: 0;
  }
  h2:not(:first-child) {
    margin-top: 16px;
  }
  h3 {
    margin: 12px 0 2px;
    font: 520 16px var(--font-serif);
  }
  section > ul > li {
    padding: 5px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  summary {
    display: flex;
    align-items: center;
    min-height: 44px;
    color: var(--color-plum);
    cursor: pointer;
  }
  @media (max-width: 900px) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
