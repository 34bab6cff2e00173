<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import {
    asHoped,
    benchDays,
    dayPage,
    headline,
    openChecks,
    roundsAhead,
    smallJobs,
  } from '$lib/api/queries';
  import Aside from './Aside.svelte';
  import BenchAhead from './BenchAhead.svelte';
  import InHand from './InHand.svelte';
  import TodaysRound from './TodaysRound.svelte';

  const { plants }: { plants: Schemas['PlantLine'][] } = $props();
  const page = dayPage();
  const line = headline();
  const checks = openChecks();
  const rounds = roundsAhead();
  const days = benchDays();
  const jobs = smallJobs();
  const well = asHoped();

  const today = $derived(page.data?.today ?? '');
  const byId = $derived(new Map(plants.map((plant) => [plant.id, plant])));
  const now = $derived((page.data?.inHand ?? []).flatMap((id) => byId.get(id) ?? []));
  const round = $derived(rounds.data?.rounds[0]);
  const bench = $derived(days.data?.days.find(({ jobs: some }) => some.length));
  const due = $derived((checks.data ?? []).filter(({ listing }) => listing === 'NOW').length);
</script>

<h1>{line.data?.words ?? 'Today'}</h1>
<div class="day">
  <InHand plants={now} days={days.data?.days} {today} />
  <TodaysRound {round} {due} {today} />
  <Aside
    turns={page.data?.turns ?? []}
    jobs={jobs.data ?? []}
    well={well.data ?? []}
    over={page.data?.coursesOver ?? []}
    ripe={page.data?.trialsRipe ?? []}
    {today}
  />
</div>
{#if bench}<BenchAhead day={bench} {today} />{/if}

<style>
  h1 {
    margin: 0 0 12px;
    font-size: 29px;
  }
  .day {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 4fr) minmax(0, 3.3fr);
    gap: 14px;
    margin-bottom: 14px;
  }
  @media (max-width: 1000px) {
    .day {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media (max-width: 700px) {
    h1 {
      font-size: 24px;
    }
  }
</style>
