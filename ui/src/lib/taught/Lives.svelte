<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { capital } from '$lib/words/units.svelte';
  import IntervalRow from './IntervalRow.svelte';

  const { lives }: { lives: Schemas['LifeView'][] } = $props();

  const most = $derived(Math.max(12, ...lives.map((life) => Math.max(life.high, life.assumed))));
  const months = (number: number) => count(Math.round(number), 'month');
  const says = (life: Schemas['LifeView']) =>
    life.against === 'FEW'
      ? life.says
      : `${Math.round(life.low)} to ${months(life.high)}: ${life.says}`;
</script>

<section class="sheet" aria-labelledby="lives">
  <h2 id="lives">How long it lasts here</h2>
  <p class="quiet">
    From pieces that were felt, against the calendar; in a warm room, watered when dry. The bar is
    where the truth lies in nine cases of ten, the tick is what the almanac assumes.
  </p>
  <ul>
    {#each lives as life (life.figure)}
      <IntervalRow
        words={capital(life.words)}
        counted={count(life.pots, 'pot')}
        line={life}
        to={most}
        figure={months}
        says={says(life)}
      />
    {/each}
  </ul>
</section>

<style>
  h2,
  p {
    margin: 0;
  }
  ul {
    margin-top: 8px;
  }
</style>
