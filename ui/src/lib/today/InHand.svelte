<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import type { Schemas } from '$lib/interface/schemas';
  import { openBatches, openJobs } from '$lib/api/queries';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { begin } from '$lib/bench/beginJob';
  import { sinceOf } from '$lib/sorting/sieve';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';
  import { benchDayOf, whenDone } from './day';

  interface Props {
    /** Those that want a hand now, the most urgent first. */
    plants: Schemas['PlantLine'][];
    /** The bench days ahead, once they are planned. */
    days?: Schemas['DayPlanned'][];
    today: string;
    most?: number;
  }
  const { plants, days, today, most = 3 }: Props = $props();
  const client = useQueryClient();
  const jobs = openJobs();
  const batches = openBatches();
  const begun = $derived(new Set(jobs.data?.map(({ plantId }) => plantId)));
  const shown = $derived(plants.slice(0, most));
  const rest = $derived(plants.length - shown.length);
  const lies = (id: number) => {
    const on = benchDayOf(id, days ?? []);
    return on ? ` · ${on === today ? 'on today’s bench' : `bench day ${short(on, today)}`}` : '';
  };
  const said = ({ on, plants: some }: { on?: string; plants: number }) =>
    on ? `${some} on ${short(on, today)}` : `${some} on no day yet`;
  const elsewhere = $derived(
    (jobs.data ?? []).filter((job) => !shown.some(({ id }) => id === job.plantId)),
  );
</script>

<section class="sheet" aria-labelledby="now">
  <h2 id="now">Take in hand</h2>
  <ul>
    {#each shown as plant (plant.id)}
      <li>
        <VerdictMark verdict={plant.verdict} size={24} />
        <div>
          <div class="head">
            <a href="/plants/{plant.id}"><b>{plant.name}</b></a>
            <button
              class="act small"
              class:go={plant === shown[0]}
              aria-label="{begun.has(plant.id) ? 'Go on with' : 'Begin'} {plant.name}"
              onclick={() => begin(client, plant.id)}
              >{begun.has(plant.id) ? 'Go on' : 'Begin'}</button
            >
          </div>
          <p class="quiet">
            {plant.title}, {plant.placeName}{sinceOf(plant, today)}{lies(plant.id)}
          </p>
          <p class="advice"><Sentence parts={plant.advice} {today} /></p>
        </div>
      </li>
    {:else}
      <li class="none">Nothing wants a move now.</li>
    {/each}
    {#each elsewhere as job (job.uid)}
      <li class="none"><a class="link" href="/jobs/{job.uid}">{job.name}</a> lies on the bench.</li>
    {/each}
    {#each batches.data ?? [] as batch (batch.uid)}
      <li class="none">
        <a class="link" href="/batches/{batch.uid}">{batch.plants} plants together</a>: {batch.open
          ? `${batch.open} to be done`
          : 'check their tags'}.
      </li>
    {/each}
  </ul>
  {#if rest > 0}
    <p class="more">
      <a class="link" href="/bench">{count(rest, 'more wants', 'more want')} a hand</a>{days
        ? `: ${whenDone(plants.slice(most), days).map(said).join(', ')}`
        : ', on the bench days'}
    </p>
  {/if}
</section>

<style>
  li {
    display: grid;
    grid-template-columns: 26px minmax(0, 1fr);
    gap: 10px;
    padding: 9px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  li.none {
    display: block;
  }
  .head {
    display: flex;
    gap: 10px;
    align-items: center;
    justify-content: space-between;
  }
  .head a {
    color: var(--color-ink);
    font-size: 16px;
    text-underline-offset: 3px;
  }
  p {
    margin: 0;
  }
  .advice {
    font-size: 14.5px;
  }
  .more {
    margin-top: 8px;
  }
</style>
