<script lang="ts">
  import Sentence from '$lib/words/Sentence.svelte';
  import type { AtBench } from './atBench.svelte';

  const { bench }: { bench: AtBench } = $props();
  const tally = $derived(bench.job.tally);
  const percent = (share: number) => `${Math.round(100 * share)} %`;
</script>

<div class="comes" aria-live="polite">
  {#if tally.lossWords}
    <p>
      <b>A {tally.lossWords} loss.</b>
      {#if tally.liveLost != null}{percent(tally.liveLost)} of the live roots lost;{/if}
      {#if tally.dead != null}{percent(tally.dead)} were dead;{/if}
      {#if tally.newTipsLost != null}{percent(tally.newTipsLost)} of the new tips broken;{/if}
      {tally.left} live roots left{bench.told.tally.byEye ? ', by eye' : ''}.
    </p>
    <ul>
      {#each tally.follows as follows, i (i)}
        <li><Sentence parts={follows} today={bench.job.begunOn} /></li>
      {/each}
    </ul>
  {:else}
    <p class="quiet">Nothing counted yet.</p>
  {/if}
  {#if bench.job.foretold.length}
    <p class="quiet">
      Foretold: <Sentence parts={bench.job.foretold} today={bench.job.begunOn} />
    </p>
  {/if}
</div>

<style>
  .comes {
    margin-top: 14px;
    font-size: 17px;
  }
  .comes ul {
    list-style: disc;
    padding-left: 22px;
  }
</style>
