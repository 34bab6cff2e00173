<script lang="ts">
  import { page } from '$app/state';
  import PartPlants from '$lib/ahead/PartPlants.svelte';
  import type { Sized } from '$lib/ahead/parts';
  import YearBars from '$lib/ahead/YearBars.svelte';
  import YearList from '$lib/ahead/YearList.svelte';
  import { collectionAhead, sitePage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { timeSaid } from '$lib/words/minutes';
  import Sentence from '$lib/words/Sentence.svelte';

  const query = collectionAhead();
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
  const year = $derived(query.data);
  const size = $derived<Sized>(page.url.searchParams.get('by') === 'weeks' ? 'weeks' : 'months');
  let wanted = $state<string>();
  const parts = $derived(year?.[size] ?? []);
  /** Until somebody chooses: what brings most. */
  const busiest = $derived(
    parts.reduce((a, b) => (b.jobs.expected > a.jobs.expected ? b : a), parts[0]!),
  );
  const part = $derived(parts.find(({ from }) => from === wanted) ?? busiest);
</script>

<svelte:head><title>The year ahead · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>The year ahead</h1>
  <span class="quiet">
    foretold from today's slips · <a class="link" href="/year">plant by plant</a>
  </span>
  <nav class="sizes" aria-label="By months or by weeks">
    {#each ['months', 'weeks'] as const as each (each)}
      <a
        class="act small"
        href="/year/ahead?by={each}"
        aria-current={size === each ? 'page' : undefined}>{each}</a
      >
    {/each}
  </nav>
  <button class="act small print" type="button" onclick={() => print()}>Print</button>
</div>

<Waiting {query}>
  {#if year && part}
    <section class="sheet" aria-label="How much comes when">
      {#each year.words as words, i (i)}
        <p class:first={i === 0}><Sentence parts={words} {today} /></p>
      {/each}
      <YearBars {parts} {size} chosen={part.from} choose={(from) => (wanted = from)} />
      <p class="quiet">
        {size === 'months' ? 'Moves' : 'Hours'}; the thin line is where nine years of ten lie.
        {#if size === 'weeks'}
          {#if year.usualMinutes === null || year.usualMinutes === undefined}
            <a class="link" href="/bench">Say when you have time</a>, and it shows which weeks
            overflow.
          {:else}
            Dashed: the time there is, {timeSaid(year.usualMinutes)} a week after the last
            <a class="link" href="/bench">bench day</a> that is named. Hatched: probably too little.
          {/if}
        {/if}
        A plant is counted once, with its next move.
      </p>
    </section>
    <div class="two">
      <PartPlants {part} {size} moves={year.moves} {today} />
      <div><YearList {year} {today} /></div>
    </div>
  {/if}
</Waiting>

<style>
  [aria-current] {
    border-width: 2px;
    border-color: var(--color-plum);
    background: var(--color-plum-wash);
  }
  .first {
    font-family: var(--font-serif);
    font-size: 20px;
  }
  p {
    margin: 0 0 6px;
  }
  .sizes {
    display: flex;
    gap: 6px;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 340px), 1fr));
    gap: 16px;
    margin-top: 16px;
    align-items: start;
  }
</style>
