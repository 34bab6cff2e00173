<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { daysBetween } from '$lib/words/dates';

  interface Props {
    weeks: Schemas['Week'][];
    today: string;
    /** The best days of the open checks. */
    due: string[];
  }
  const { weeks, today, due }: Props = $props();

  const W = 640;
  const step = $derived(W / weeks.length);
  const first = $derived(weeks[0]?.from ?? today);
  const weekOf = $derived((day: string) => Math.floor(daysBetween(first, day) / 7));
  const now = $derived(weekOf(today));
  const counts = $derived(weeks.map((_, week) => due.filter((day) => weekOf(day) === week).length));
  const tallest = $derived(Math.max(4, ...counts));
  const light = $derived((hours: number) =>
    Math.round(Math.min(1, Math.max(0, (hours - 6) / 12)) * 100),
  );
  const MONTHS = 'JFMAMJJASOND'.split('');
</script>

<svg viewBox="0 0 {W} 48" role="img" aria-label="The year by weeks: light, and checks that are due">
  {#each weeks as week, i (week.from)}
    <rect
      x={i * step}
      y="10"
      width={step + 0.5}
      height="18"
      fill="color-mix(in oklab, var(--ribbon-light) {light(week.lightHours)}%, var(--ribbon-dark))"
    />
  {/each}
  {#each counts as count, week (week)}
    {#if count}
      <rect
        x={week * step + 2.5}
        y={28 - (count / tallest) * 17}
        width={step - 5}
        height={(count / tallest) * 17}
        rx="1.5"
        fill="var(--color-plum)"
        opacity={week < now ? 0.4 : 0.95}
      />
    {/if}
  {/each}
  <rect
    x={now * step - 1}
    y="5"
    width={step + 2}
    height="28"
    rx="4"
    fill="none"
    stroke="var(--color-ink)"
    stroke-width="1.8"
  />
  {#each MONTHS as month, i (i)}
    <text
      x={(i * W) / 12 + 4}
      y="45"
      font-size="13"
      fill="var(--color-ink-2)"
      font-family="var(--font-sans)">{month}</text
    >
  {/each}
</svg>

<style>
  svg {
    --ribbon-light: light-dark(#d4e39a, #7f8f4e);
    --ribbon-dark: light-dark(#efe4d2, #352c36);
    width: 100%;
    max-width: 760px;
    min-width: 0;
    display: block;
  }
</style>
