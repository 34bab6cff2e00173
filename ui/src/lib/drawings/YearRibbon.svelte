<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { daysBetween } from '$lib/words/dates';

  import { weekSaid } from './weekSaid';

  interface Props {
    weeks: Schemas['Week'][];
    today: string;
    /** What falls into each week, once it is known. */
    marks: Schemas['YearWeek'][];
    /** How wide a week is drawn. */
    step?: number;
  }
  const { weeks, today, marks, step = 12 }: Props = $props();

  /** From this width on a week has its Monday's date in it. */
  const DATED = 40;
  const width = $derived(step * weeks.length);
  const first = $derived(weeks[0]?.from ?? today);
  const now = $derived(Math.floor(daysBetween(first, today) / 7));
  const tallest = $derived(Math.max(4, ...marks.map(({ looks }) => looks)));
  const most = $derived(Math.max(1, ...marks.map(({ opening }) => opening)));
  const light = $derived((hours: number) =>
    Math.round(Math.min(1, Math.max(0, (hours - 6) / 12)) * 100),
  );
  const months = $derived(
    Array.from('JFMAMJJASOND', (letter, i) => ({
      letter,
      x:
        (daysBetween(first, `${today.slice(0, 4)}-${String(i + 1).padStart(2, '0')}-01`) / 7) *
        step,
    })),
  );
  /** Of all weeks one is reached with Tab, the others from it with the arrows. */
  let reached = $derived(now);
  let links = $state<(HTMLAnchorElement | undefined)[]>([]);

  function keys(event: KeyboardEvent) {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    reached = Math.min(weeks.length - 1, Math.max(0, reached + by));
    links[reached]?.focus();
  }
</script>

<svg viewBox="0 0 {width} 48" role="group" aria-label="The year by weeks">
  {#each weeks as week, i (week.from)}
    {@const mark = marks[i]}
    <a
      bind:this={links[i]}
      href="/week/{week.from}"
      aria-label={weekSaid(week, marks[i], today)}
      aria-current={i === now ? 'date' : undefined}
      tabindex={i === reached ? 0 : -1}
      onkeydown={keys}
    >
      <title>{weekSaid(week, marks[i], today)}</title>
      <rect
        class="light"
        x={i * step}
        y="10"
        width={step + 0.5}
        height="18"
        fill="color-mix(in oklab, var(--ribbon-light) {light(
          week.lightHours,
        )}%, var(--ribbon-dark))"
      />
      {#if mark?.looks}
        <rect
          x={i * step + 2.5}
          y={28 - (mark.looks / tallest) * 17}
          width={step - 5}
          height={(mark.looks / tallest) * 17}
          rx="1.5"
          fill="var(--color-plum)"
          opacity={i < now ? 0.4 : 0.95}
        />
      {/if}
      {#if mark?.opening}
        <rect
          x={i * step + 1}
          y="29.5"
          width={step - 2}
          height="3"
          fill="var(--color-moss)"
          opacity={0.3 + (0.7 * mark.opening) / most}
        />
      {/if}
      {#if mark?.bench}
        <path d="M{(i + 0.5) * step - 4} 1h8l-2 7h-4z" fill="var(--color-plum)" />
      {/if}
      {#if step >= DATED}
        <text
          x={i * step + 4}
          y="23"
          font-size="13"
          font-family="var(--font-sans)"
          fill="var(--color-ink)">{Number(week.from.slice(8))}</text
        >
      {/if}
      <rect x={i * step} y="0" width={step} height="48" fill="transparent" />
    </a>
  {/each}
  <rect
    class="now"
    x={now * step - 1}
    y="8"
    width={step + 2}
    height="26"
    rx="4"
    fill="none"
    stroke="var(--color-ink)"
    stroke-width="1.8"
  />
  {#each months as { letter, x }, i (i)}
    <text x={x + 2} y="46" font-size="13" fill="var(--color-ink-2)" font-family="var(--font-sans)"
      >{letter}</text
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
  .now,
  text {
    pointer-events: none;
  }
  a:hover .light,
  a:focus-visible .light {
    stroke: var(--color-plum);
    stroke-width: 2;
  }
  a:focus-visible {
    outline-offset: -1px;
  }
</style>
