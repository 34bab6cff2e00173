<script lang="ts">
  import { type DrawnLine, type DrawnPast, NOTHING_PAST, type Span } from './yearLines';

  interface Props {
    line?: DrawnLine;
    past?: DrawnPast;
    /** The first day in sight, and how many px a day is wide. */
    from: number;
    day: number;
    width: number;
    today: number;
    /** Whether last year is drawn underneath. */
    underneath?: boolean;
  }
  const {
    line,
    past = NOTHING_PAST,
    from,
    day,
    width,
    today,
    underneath = false,
  }: Props = $props();
  const A_YEAR = 365.25;
  /** Since when it stands in its medium; further back another was in the pot. */
  const since = $derived(past.potted.at(-1) ?? from - 30);
  const x = $derived((number: number) => (number - from) * day);
  const seen = $derived((a: number, b: number) => x(b) > -12 && x(a) < width + 12);
  const wide = $derived((a: number, b: number) => Math.max(5, (b - a) * day));
  /** Ends far outside are cut, so that no number grows beyond what can be drawn. */
  const cut = $derived((number: number) => Math.max(-20, Math.min(width + 20, x(number))));
  /** A rest that was seen once is drawn wide enough to be told. */
  const restEnd = $derived((rest: Span, later = 0) =>
    Math.max(cut(rest.from + later) + 14, cut(rest.until + later)),
  );
  const HUES = { OPEN: 'open', UNSAFE: 'unsafe', SHUT: 'shut' };
</script>

<svg {width} height="44" aria-hidden="true">
  {#each line?.phases ?? [] as phase, i (i)}
    {#if seen(phase.from, phase.until)}
      <rect
        class={HUES[phase.kind]}
        x={cut(phase.from)}
        y={phase.kind === 'SHUT' ? 27 : 12}
        width={Math.max(2, cut(phase.until) - cut(phase.from))}
        height={phase.kind === 'SHUT' ? 5 : 17}
        rx={phase.kind === 'SHUT' ? 0 : 4}
      />
    {/if}
  {/each}
  {#each past.rests as rest, i (i)}
    {#if seen(rest.from, rest.until)}
      <path class="rest" d="M{cut(rest.from)} 20H{restEnd(rest)}" />
    {/if}
    {#if underneath && rest.until + A_YEAR > today && seen(rest.from + A_YEAR, rest.until + A_YEAR)}
      <path class="rest before" d="M{cut(rest.from + A_YEAR)} 20H{restEnd(rest, A_YEAR)}" />
    {/if}
  {/each}
  {#each past.treated as course, i (i)}
    {#if seen(course.from, course.until)}
      <path class="treated" d="M{cut(course.from)} 2H{cut(course.until)}" />
    {/if}
  {/each}
  {#if line?.treated && seen(line.treated.from, line.treated.until)}
    <path class="treated ahead" d="M{cut(line.treated.from)} 2H{cut(line.treated.until)}" />
  {/if}
  {#if line && line.due !== undefined}
    <path class="medium" d="M{cut(since)} 38H{cut(line.due)}" />
    <path class="medium due" d="M{cut(line.due)} 38H{cut(line.spent ?? line.due)}" />
    <path class="medium spent" d="M{cut(line.spent ?? line.due)} 38H{width + 20}" />
  {/if}
  {#if line?.meant && seen(line.meant.from, line.meant.until)}
    <rect
      class="meant"
      class:waits={line.meant.waits}
      x={cut(line.meant.from)}
      y="10.5"
      width={Math.max(3, cut(line.meant.until) - cut(line.meant.from))}
      height="20"
      rx="5"
    />
    {#if line.meant.waits}
      <path class="likely" d="M{x(line.meant.likely)} 8V33" />
    {/if}
  {/if}
  {#if underneath}
    {#each past.flowers as flower, i (i)}
      {#if flower.until + A_YEAR > today && seen(flower.from + A_YEAR, flower.until + A_YEAR)}
        <path
          class="flower before"
          d="M{x(flower.from + A_YEAR)} 6h{wide(flower.from, flower.until)}"
        />
      {/if}
    {/each}
    {#each past.nubs as nub, i (i)}
      {#if nub + A_YEAR > today && seen(nub + A_YEAR, nub + A_YEAR)}
        <path class="nub before" d="M{x(nub + A_YEAR) - 4} 34l4 -6l4 6" />
      {/if}
    {/each}
  {/if}
  {#each past.flowers as flower, i (i)}
    {#if seen(flower.from, flower.until)}
      <path class="flower" d="M{x(flower.from)} 6h{wide(flower.from, flower.until)}" />
    {/if}
  {/each}
  {#each past.nubs as nub, i (i)}
    {#if seen(nub, nub)}<path class="nub" d="M{x(nub) - 4} 34l4 -6l4 6" />{/if}
  {/each}
  {#if day > 0.4}
    {#each past.looks as look, i (i)}
      {#if seen(look, look)}<circle class="looked" cx={x(look + 0.5)} cy="20" r="2" />{/if}
    {/each}
  {/if}
  {#each past.potted as potted, i (i)}
    {#if seen(potted, potted)}
      <path class="pot was" d="M{x(potted) - 6} 12h12l-3 16h-6z" />
    {/if}
  {/each}
  {#if line?.bench !== undefined && seen(line.bench, line.bench)}
    <path class="pot" d="M{x(line.bench + 0.5) - 7} 12h14l-3.5 17h-7z" />
  {/if}
  {#each line?.looks ?? [] as look, i (i)}
    {#if seen(look, look)}<circle class="look" cx={x(look + 0.5)} cy="20" r="4.5" />{/if}
  {/each}
</svg>

<style>
  svg {
    display: block;
  }
  .open {
    fill: var(--color-year-open);
  }
  .unsafe {
    fill: var(--color-year-unsafe);
  }
  .shut {
    fill: var(--color-year-shut);
  }
  .medium {
    fill: none;
    stroke: light-dark(#e2d5be, #4a4038);
    stroke-width: 4;
  }
  .medium.due {
    stroke: var(--color-year-due);
  }
  .medium.spent {
    stroke: light-dark(#8a6d4b, #b8925f);
  }
  .meant {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.8;
  }
  .meant.waits {
    stroke-dasharray: 3 3;
  }
  .likely {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.8;
  }
  .flower {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 3;
  }
  .flower.before {
    stroke-dasharray: 3 3;
  }
  .rest {
    fill: none;
    stroke: var(--color-year-rest);
    stroke-width: 9;
    stroke-dasharray: 2 4;
  }
  .rest.before {
    stroke-width: 5;
  }
  .treated {
    fill: none;
    stroke: var(--color-clay);
    stroke-width: 3;
  }
  .treated.ahead {
    stroke-dasharray: 4 3;
  }
  .nub {
    fill: var(--color-moss);
  }
  .nub.before {
    fill: none;
    stroke: var(--color-moss);
    stroke-width: 1.4;
  }
  .looked {
    fill: var(--color-ink-2);
  }
  .look {
    fill: var(--color-leaf);
    stroke: var(--color-ink);
    stroke-width: 1.6;
  }
  .pot {
    fill: var(--color-plum);
  }
  .pot.was {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.6;
  }
</style>
