<script lang="ts">
  import { page } from '$app/state';
  import { sitePage, yearInReview } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Decision from '$lib/review/Decision.svelte';
  import Losses from '$lib/review/Losses.svelte';
  import MonthBars from '$lib/review/MonthBars.svelte';
  import MovesThrough from '$lib/review/MovesThrough.svelte';
  import Spent from '$lib/review/Spent.svelte';
  import { count } from '$lib/words/counts';

  const site = sitePage();
  const thisYear = $derived(
    Number((site.data?.today ?? '').slice(0, 4)) || new Date().getFullYear(),
  );
  const year = $derived(Number(page.url.searchParams.get('of')) || thisYear);
  const query = yearInReview(() => year);
  const review = $derived(query.data);
</script>

<svelte:head><title>{year} in review · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>{year} in review</h1>
  {#if review}
    <span class="quiet">
      {year === thisYear ? 'so far: ' : ''}{count(review.moves.length, 'move')}, {review.lost
        .length} lost
    </span>
    <nav aria-label="Years">
      {#each review.years as each (each)}
        <a
          class="act small"
          href="/year/review?of={each}"
          aria-current={each === year ? 'page' : undefined}>{each}</a
        >
      {/each}
    </nav>
    <button class="act small print" type="button" onclick={() => print()}>Print</button>
  {/if}
</div>

<Waiting {query}>
  {#if review}
    <div class="two">
      <div>
        <section class="sheet" aria-labelledby="moves">
          <h2 id="moves">Moves, and what came of them</h2>
          {#if review.moves.length}<MovesThrough {review} />{:else}<p>Nothing was moved.</p>{/if}
          {#if review.best}
            <Decision title="The best decision" move={review.best} today={review.today} />
          {/if}
          {#if review.worst}
            <Decision title="The worst" move={review.worst} today={review.today} />
          {/if}
        </section>
        <section class="sheet" aria-labelledby="spent">
          <h2 id="spent">Plants, pots and hours</h2>
          <Spent {review} />
        </section>
      </div>
      <div>
        <section class="sheet" aria-labelledby="flowers">
          <h2 id="flowers">Flowers</h2>
          <MonthBars now={review.flowers} before={review.flowersBefore} {year} />
        </section>
        <section class="sheet" aria-labelledby="lost">
          <h2 id="lost">Lost</h2>
          <Losses {review} />
        </section>
      </div>
    </div>
  {/if}
</Waiting>

<style>
  h2 {
    margin: 0 0 6px;
  }
  p {
    margin: 0;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  [aria-current] {
    border-width: 2px;
    border-color: var(--color-plum);
    background: var(--color-plum-wash);
  }
  .print {
    margin-left: auto;
  }
  .two {
    grid-template-columns: repeat(auto-fill, minmax(min(400px, 100%), 1fr));
  }
  .two > div {
    display: grid;
    gap: 16px;
    min-width: 0;
  }
  section {
    break-inside: avoid;
  }
  @media print {
    nav,
    .print {
      display: none;
    }
  }
</style>
