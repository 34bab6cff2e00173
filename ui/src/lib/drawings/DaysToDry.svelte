<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { Schemas } from '$lib/interface/schemas';
  import { daysBetween, short } from '$lib/words/dates';

  interface Props {
    lines: Schemas['Line'][];
    /** Since when it stands in this pot; what was measured before is another story. */
    since: string;
    today: string;
  }
  const { lines, since, today }: Props = $props();

  const W = 280;
  const H = 84;
  const measured = $derived(
    lines
      .filter(
        (line) =>
          line.standing === 'HOLDS' &&
          line.looks['daysToDry']?.measured != null &&
          line.on.localeCompare(since) >= 0,
      )
      .map((line) => ({ on: line.on, days: line.looks['daysToDry']!.measured! }))
      .sort((a, b) => a.on.localeCompare(b.on)),
  );
  const first = $derived(measured[0]);
  const last = $derived(measured[measured.length - 1]);
  const most = $derived(Math.max(1, ...measured.map((each) => each.days)) * 1.25);
  const span = $derived(first ? Math.max(1, daysBetween(first.on, today)) : 1);
  const along = $derived(scaleLinear([0, span], [8, W - 12]));
  const x = $derived((on: string) => along(daysBetween(first!.on, on)));
  const y = $derived(scaleLinear([0, most], [62, 10]));
  const course = $derived(
    line<(typeof measured)[number]>(
      (each) => x(each.on),
      (each) => y(each.days),
    )(measured),
  );
</script>

{#if first}
  <svg
    viewBox="0 0 {W} {H}"
    width="100%"
    role="img"
    aria-label="Days to dry: {measured.map((each) => each.days).join(', ')}; at first {first.days}"
    font-family="var(--font-sans)"
    font-size="13"
  >
    <path
      d="M8 {y(first.days)}H{W - 8}"
      stroke="var(--color-ink-2)"
      stroke-dasharray="3 4"
      opacity="0.7"
    />
    <path d={course} fill="none" stroke="var(--color-slate)" stroke-width="2" />
    {#each measured as each, i (i)}
      <circle cx={x(each.on)} cy={y(each.days)} r="3.5" fill="var(--color-slate)" />
    {/each}
    <text x="8" y="80" fill="var(--color-ink-2)">dry in {first.days} days at first</text>
    {#if last && last !== first}
      <text x={W - 8} y="80" text-anchor="end" fill="var(--color-ink)"
        >{last.days} on {short(last.on, today)}</text
      >
    {/if}
  </svg>
{/if}
