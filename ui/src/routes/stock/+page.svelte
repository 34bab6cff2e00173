<script lang="ts">
  import { choices, recipeList, stockPage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import AddStock from '$lib/stock/AddStock.svelte';
  import { sortOf } from '$lib/stock/amounts';
  import RecipeRow from '$lib/stock/RecipeRow.svelte';
  import StockRow from '$lib/stock/StockRow.svelte';

  const stock = stockPage();
  const recipes = recipeList();
  const options = choices();
  const SORTS = [
    { sort: 'pots', title: 'Pots' },
    { sort: 'loose', title: 'Components' },
    { sort: 'things', title: 'Other things' },
  ] as const;
</script>

<svelte:head><title>Stock · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Stock</h1>
  <span class="quiet"><a class="link" href="/bench">Bench</a></span>
</div>

<div class="bench">
  <section class="sheet" aria-labelledby="recipes">
    <h2 id="recipes">Recipes</h2>
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
    margin: 0 0 14px;
  }
  h2:not(:first-child) {
    margin-top: 16px;
  }
  h3 {
    margin: 12px 0 2px;
    font: 520 16px var(--font-serif);
  }
  summary {
    display: flex;
    align-items: center;
    min-height: 44px;
    color: var(--color-plum);
  }
  @media (max-width: 900px) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
