<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { benchNeeds } from '$lib/api/queries';
  import DayStrip from '$lib/benchdays/DayStrip.svelte';
  import { roomSaid } from '$lib/benchdays/roomSaid';
  import Lacking from '$lib/benchdays/Lacking.svelte';
  import { long } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    day: Schemas['DayPlanned'];
    today: string;
  }
  const { day, today }: Props = $props();
  const needs = benchNeeds();
  const short = $derived(needs.data?.lacking[0]);
</script>

<section class="sheet" aria-labelledby="bench-day">
  <div>
    <h2 id="bench-day">{day.on === today ? 'Today' : long(day.on)}</h2>
    <p>
      <a class="link" href="/bench">bench day</a>, {roomSaid(day)}
    </p>
  </div>
  <DayStrip {day} />
  <p class="right">
    {#if day.tooMuch}
      <Sentence parts={day.tooMuch} {today} />
    {:else if short}
      <b>Runs short:</b> <Lacking lack={short} {today} />
    {:else}
      {day.jobs.map(({ name }) => name).join(', ')}
    {/if}
  </p>
</section>

<style>
  section {
    display: grid;
    grid-template-columns: 200px minmax(0, 1fr) 300px;
    gap: 16px;
    align-items: center;
  }
  h2,
  p {
    margin: 0;
  }
  .right {
    font-size: 14.5px;
  }
  @media (max-width: 1000px) {
    section {
      grid-template-columns: minmax(0, 1fr);
      gap: 8px;
    }
  }
</style>
