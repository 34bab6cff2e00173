<script lang="ts">
  import { long } from '$lib/words/dates';
  import type { AtBench } from './atBench.svelte';
  import GiveUp from './GiveUp.svelte';

  interface Props {
    bench: AtBench;
    goOn: () => void;
  }
  /** Asked before the first step of a move that ends a trial. */
  const { bench, goOn }: Props = $props();
</script>

<div class="page-head"><h1>{bench.job.name}</h1></div>
<section class="sheet" aria-label="It stands in a trial">
  {#each bench.job.trials as { trial, name, judgeOn } (trial)}
    <p>
      It stands in the trial <a class="link" href="/trials/{trial}">{name}</a>, which may be judged
      from {long(judgeOn)} on. Once it is moved, it tells of the trial no more.
    </p>
  {/each}
  <p class="acts">
    <button type="button" class="act go" onclick={goOn}>Move it all the same</button>
    <a class="act" href="/plants/{bench.job.plantId}">Back to the plant</a>
  </p>
  <GiveUp {bench} />
</section>

<style>
  section {
    max-width: 760px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }
</style>
