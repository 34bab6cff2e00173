<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { long, short } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    year: Schemas['YearAheadPage'];
    today: string;
  }
  const { year, today }: Props = $props();
  const byId = $derived(new Map(year.moves.map((move) => [move.plantId, move])));
</script>

{#if year.otherwise.length}
  <section class="sheet" aria-labelledby="otherwise">
    <h2 id="otherwise">Could wait without harm</h2>
    <ul>
      {#each year.otherwise as each (each.plantId)}
        <li>
          <a class="link" href="/plants/{each.plantId}">{byId.get(each.plantId)?.name}</a>
          <span class="quiet">
            {short(each.from, today)} → the week of {long(each.instead)}
          </span>
        </li>
      {/each}
    </ul>
  </section>
{/if}
<section class="sheet" aria-labelledby="buy">
  <h2 id="buy">To buy for the year</h2>
  {#if year.shopping.length}
    <p class="quiet">
      So much that nothing of it runs out in nine years of ten, less what the
      <a class="link" href="/stock">stock</a> holds. Tags, stakes and ties are counted nowhere: all that
      are used up.
    </p>
    <ul>
      {#each year.shopping as ware, i (i)}
        <li>
          <span><Sentence parts={ware.what} {today} /></span>
          <span class="quiet">{ware.by <= today ? 'now' : `by ${short(ware.by, today)}`}</span>
        </li>
      {/each}
    </ul>
  {:else}
    <p>What is in stock suffices.</p>
  {/if}
</section>

<style>
  section + section {
    margin-top: 16px;
  }
  p {
    margin: 4px 0 8px;
  }
  li {
    display: flex;
    justify-content: space-between;
    flex-wrap: wrap;
    gap: 2px 12px;
    padding: 4px 0;
  }
  a {
    min-height: 30px;
    display: inline-flex;
    align-items: center;
  }
</style>
