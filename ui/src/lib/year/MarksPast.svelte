<script lang="ts">
  import { axis } from './axis';
  import { type DrawnPast, type Span } from './yearLines';

  interface Props {
    past: DrawnPast;
    /** The first day in sight, and how many px a day is wide. */
    from: number;
    day: number;
    width: number;
    today: number;
    /** Whether last year is drawn underneath. */
    underneath: boolean;
  }
  const { past, from, day, width, today, underneath }: Props = $props();
  const A_YEAR = 365.25;
  const { x, seen, cut } = $derived(axis(from, day, width));
  const wide = $derived((a: number, b: number) => Math.max(5, (b - a) * day));
  /** A rest that was seen once is drawn wide enough to be told. */
  const restEnd = $derived((rest: Span, later = 0) =>
    Math.max(cut(rest.from + later) + 14, cut(rest.until + later)),
  );
</script>

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

<style>
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
  .pot {
    fill: var(--color-plum);
  }
  .pot.was {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.6;
  }
</style>
