<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { lengthSaid } from '$lib/words/units.svelte';
  import IntervalRow from './IntervalRow.svelte';

  const { speeds }: { speeds: Schemas['SpeedView'][] } = $props();

  const most = $derived(
    Math.max(10, ...speeds.map((speed) => Math.max(speed.high, speed.assumed))),
  );
  const aWeek = (mm: number) => `${lengthSaid(mm)} a week`;
</script>

<section class="sheet" aria-labelledby="speeds">
  <h2 id="speeds">How fast roots grow here</h2>
  <p class="quiet">
    In warm and light weeks, from roots that were measured more than once. Forecasts use it from
    three plants of a kind on.
  </p>
  <ul>
    {#each speeds as speed (speed.kind)}
      <IntervalRow
        words={speed.words}
        counted={count(speed.plants, 'plant')}
        line={speed}
        to={most}
        figure={aWeek}
        says={speed.against === 'FEW' ? speed.says : `${aWeek(speed.likely)}: ${speed.says}`}
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
