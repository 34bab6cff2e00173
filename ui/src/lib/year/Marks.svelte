<script lang="ts">
  import { axis } from './axis';
  import MarksPast from './MarksPast.svelte';
  import { type DrawnLine, type DrawnPast, NOTHING_PAST } from './yearLines';

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
  /** Since when it stands in its medium; further back another was in the pot. */
  const since = $derived(past.potted.at(-1) ?? from - 30);
  const { x, seen, cut } = $derived(axis(from, day, width));
  const HUES = { OPEN: 'open', UNSAFE: 'unsafe', SHUT: 'shut' };
</script>

<svg {width} height="44" aria-hidden="true">
  {#each line?.phases ?? [] as phase, i (i)}
    {#if phase.kind === 'REST' && seen(phase.from, phase.until)}
      <path class="rest" d="M{cut(phase.from)} 20H{cut(phase.until)}" />
    {:else if phase.kind !== 'REST' && seen(phase.from, phase.until)}
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
  <MarksPast {past} {from} {day} {width} {today} {underneath} />
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
  {#if line?.nextMove !== undefined && seen(line.nextMove, line.nextMove)}
    <path class="next" d="M{x(line.nextMove + 0.5) - 6} 13h12l-3 15h-6z" />
  {/if}
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
  .treated {
    fill: none;
    stroke: var(--color-clay);
    stroke-width: 3;
  }
  .treated.ahead {
    stroke-dasharray: 4 3;
  }
  .look {
    fill: var(--color-leaf);
    stroke: var(--color-ink);
    stroke-width: 1.6;
  }
  .next {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.4;
  }
  .rest {
    fill: none;
    stroke: var(--color-year-rest);
    stroke-width: 9;
    stroke-dasharray: 2 4;
  }
  .pot {
    fill: var(--color-plum);
  }
</style>
