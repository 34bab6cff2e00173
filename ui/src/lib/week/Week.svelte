<script lang="ts">
  import { benchDays, roundsAhead, sitePage, yearAhead } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import DayOfWeek from './DayOfWeek.svelte';
  import { daysOf } from './week';

  interface Props {
    monday: string;
  }
  const { monday }: Props = $props();
  const site = sitePage();
  const lines = yearAhead();
  const rounds = roundsAhead();
  const bench = benchDays();
  const today = $derived(site.data?.today ?? '');
  const days = $derived(
    daysOf(
      monday,
      today,
      lines.data ?? [],
      rounds.data?.rounds ?? [],
      bench.data?.days ?? [],
      rounds.data?.days.away ?? [],
    ),
  );
</script>

<Waiting query={lines}>
  <div class="week">
    {#each days as day (day.day)}<DayOfWeek {day} {today} />{/each}
  </div>
  {#if rounds.isPending || bench.isPending}
    <p class="quiet" role="status">Rounds and bench days are being worked out…</p>
  {/if}
</Waiting>

<style>
  .week {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
    gap: 12px;
    align-items: start;
  }
  @media (max-width: 700px) {
    .week {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media print {
    .week {
      grid-template-columns: repeat(4, minmax(0, 1fr));
    }
  }
</style>
