<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import IntervalRow from './IntervalRow.svelte';

  const { broken }: { broken: Schemas['TipsView'][] } = $props();

  const WHOLE = 100;
  const inHundred = (share: number) => `${Math.round(share)} of 100`;
</script>

<section class="sheet" aria-labelledby="broken">
  <h2 id="broken">New root tips broken by a move</h2>
  <p class="quiet">
    From the tallies at the bench; the tick is what the slips of that day foretold for these moves.
  </p>
  <ul>
    {#each broken as line (line.words)}
      <IntervalRow
        words={line.words}
        counted={count(line.moves, 'move')}
        {line}
        to={WHOLE}
        figure={inHundred}
        says={line.against === 'FEW' ? line.says : `${inHundred(line.likely)}: ${line.says}`}
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
