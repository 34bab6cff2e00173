<script lang="ts">
  import { scaleUtc } from 'd3-scale';
  import { short } from '$lib/words/dates';
  import { dayNumber, isoDay } from './days';

  interface Props {
    from: number;
    days: number;
    width: number;
    today: string;
    rounds: string[];
    bench: string[];
    away: { from: string; to: string }[];
  }
  const { from, days, width, today, rounds, bench, away }: Props = $props();
  const APART = 74;
  const scale = $derived(
    scaleUtc()
      .domain([new Date(from * 86_400_000), new Date((from + days) * 86_400_000)])
      .range([0, width]),
  );
  const ticks = $derived(scale.ticks(Math.max(2, Math.floor(width / APART))));
  const words = (date: Date) => {
    const day = date.toISOString().slice(0, 10);
    if (days > 1500) return day.slice(0, 4);
    if (day.endsWith('-01'))
      return day.endsWith('01-01')
        ? day.slice(0, 4)
        : new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' }).format(date);
    return short(day, today);
  };
  const x = $derived((day: string) => (dayNumber(day) - from) * (width / days));
  const inSight = $derived((day: string) => x(day) > -10 && x(day) < width + 10);
</script>

<svg {width} height="46" role="img" aria-label="From {isoDay(from)} to {isoDay(from + days)}">
  {#each away as each (each.from)}
    <rect
      class="away"
      x={x(each.from)}
      y="24"
      width={Math.max(2, x(each.to) + width / days - x(each.from))}
      height="14"
    >
      <title>away</title>
    </rect>
  {/each}
  {#each ticks as tick (tick.getTime())}
    <path class="tick" d="M{scale(tick)} 0v46" />
    <text x={scale(tick) + 4} y="15">{words(tick)}</text>
  {/each}
  {#each rounds.filter(inSight) as day (day)}
    <circle class="round" cx={x(day)} cy="31" r="4"><title>round {short(day, today)}</title></circle
    >
  {/each}
  {#each bench.filter(inSight) as day (day)}
    <path class="bench" d="M{x(day) - 7} 24h14l-3.5 14h-7z"
      ><title>bench day {short(day, today)}</title></path
    >
  {/each}
</svg>

<style>
  svg {
    display: block;
    font: 13px var(--font-sans);
  }
  text {
    fill: var(--color-ink-2);
  }
  .tick {
    stroke: var(--color-rule);
  }
  .round {
    fill: var(--color-moss);
  }
  .bench {
    fill: var(--color-plum);
  }
  .away {
    fill: light-dark(#ece3d3, #3a323d);
  }
</style>
