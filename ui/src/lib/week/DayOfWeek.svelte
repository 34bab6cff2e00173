<script lang="ts">
  import { count } from '$lib/words/counts';
  import { long } from '$lib/words/dates';
  import { timeSaid } from '$lib/words/minutes';
  import { empty, type WeekDay } from './week';

  interface Props {
    day: WeekDay;
    today: string;
  }
  const { day, today }: Props = $props();
  const MOST = 12;
  const id = $derived(`day-${day.day}`);
  const turns = $derived(
    [
      { words: 'May take a move from this day on', plants: day.opens },
      { words: 'Last day for its move', plants: day.closes },
      { words: 'Medium turns due', plants: day.due },
    ].filter(({ plants }) => plants.length),
  );
</script>

<section class="sheet" class:past={day.day < today} aria-labelledby={id}>
  <h2 {id}>{long(day.day)}</h2>
  {#if day.day === today}<p class="today">today</p>{/if}
  {#if day.away}<p class="quiet">away</p>{/if}
  {#if day.bench}
    <h3><a href="/bench/{day.bench.on}">Bench day</a></h3>
    <p class="quiet">{timeSaid(day.bench.taken)} of {timeSaid(day.bench.minutes)}</p>
    <ul>
      {#each day.bench.jobs as job (job.plantId)}
        <li>
          <a href="/plants/{job.plantId}">{job.name}</a>
          <span class="quiet">{job.title}</span>
        </li>
      {/each}
    </ul>
  {/if}
  {#if day.round}
    <h3><a href="/round">Round</a></h3>
    <p class="quiet">
      {count(day.round.looks.length, 'look')}, about {timeSaid(day.round.minutes)}
    </p>
    <ul>
      {#each day.round.looks as look, i (i)}
        <li>
          <a href="/plants/{look.plantId}">{look.name}</a>
          <span class="quiet">{look.title}</span>
        </li>
      {/each}
    </ul>
  {/if}
  {#each turns as { words, plants } (words)}
    <h3>{words}</h3>
    <ul>
      {#each plants.slice(0, MOST) as plant (plant.plantId)}
        <li><a href="/plants/{plant.plantId}">{plant.name}</a></li>
      {/each}
      {#if plants.length > MOST}<li class="quiet">and {plants.length - MOST} more</li>{/if}
    </ul>
  {/each}
  {#if empty(day) && !day.away}<p class="quiet">Nothing is planned.</p>{/if}
</section>

<style>
  section {
    padding: 10px 14px 12px;
    break-inside: avoid;
  }
  .past {
    opacity: 0.75;
  }
  h2 {
    margin: 0;
    font-size: 19px;
  }
  h3 {
    margin: 8px 0 0;
    font-size: 16px;
  }
  p {
    margin: 0;
  }
  .today {
    color: var(--color-plum);
    font-weight: 600;
  }
  li {
    padding: 2px 0;
    font-size: 14.5px;
    line-height: 1.25;
  }
  li .quiet {
    display: block;
    font-size: 13.5px;
  }
  a {
    color: var(--color-ink);
    text-underline-offset: 3px;
  }
  @media (max-width: 700px) {
    li a,
    h3 a {
      display: inline-flex;
      align-items: center;
      min-height: 44px;
    }
  }
</style>
