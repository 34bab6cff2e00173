<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import IntervalRow from './IntervalRow.svelte';

  interface Props {
    dried: Schemas['MeanView'][];
    took?: Schemas['MeanView'] | null;
    nubs: Schemas['HalfBy'];
    nubsAssumed: number;
  }
  const { dried, took, nubs, nubsAssumed }: Props = $props();

  const MOST_TIMES = 2;
  const longest = $derived(Math.max(10, ...dried.map(({ high }) => high)));
  const days = (value: number) => `${Math.round(value)} days`;
  const times = (value: number) => `${value.toFixed(1)} times`;
</script>

<section class="sheet" aria-labelledby="house">
  <h2 id="house">At this house</h2>
  {#if dried.length}
    <h3>Days from wet to dry</h3>
    <ul>
      {#each dried as line (line.words)}
        <IntervalRow
          words={line.words}
          counted={count(line.counted, 'plant')}
          line={{ ...line, against: line.few ? 'FEW' : 'AS_ASSUMED' }}
          to={longest}
          figure={days}
          says={line.few ? 'too few to say anything' : days(line.likely)}
        />
      {/each}
    </ul>
  {/if}
  {#if took}
    <h3>How long a job takes, against what is assumed</h3>
    <ul>
      <IntervalRow
        words="Minutes at the bench"
        counted={count(took.counted, 'job')}
        line={{ ...took, assumed: 1, against: took.few ? 'FEW' : 'AS_ASSUMED' }}
        to={Math.max(MOST_TIMES, took.high)}
        figure={times}
        says={took.few ? 'too few to say anything' : times(took.likely)}
      />
    </ul>
  {/if}
  {#if nubs.after != null && nubs.by != null}
    <h3>From bumps to nubs</h3>
    <p>
      Half of {count(nubs.cases, 'flush', 'flushes')} took <b>{nubs.after + 1} to {nubs.by} days</b>
      or less; {nubsAssumed} are assumed.
    </p>
  {/if}
</section>

<style>
  h2 {
    margin: 0;
  }
  p {
    margin: 0;
  }
  h3 {
    margin: 10px 0 4px;
    font-size: 15px;
  }
</style>
