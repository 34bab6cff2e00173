<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { tintOf } from '$lib/taught/tints';

  /** The moves of a year, each in its month, in the colour of what came of it. */
  const { review }: { review: Schemas['YearReview'] } = $props();
  const WIDE = 30;
  const HIGH = 120;
  const MOST_STEP = 12;
  const order = $derived(review.outcomes.map(({ outcome }) => outcome));
  const byMonth = $derived(
    Array.from({ length: 12 }, (_, i) =>
      review.moves
        .filter(({ on }) => Number(on.slice(5, 7)) === i + 1)
        .sort((one, other) => order.indexOf(one.outcome) - order.indexOf(other.outcome)),
    ),
  );
  const most = $derived(Math.max(...byMonth.map(({ length }) => length)));
  /** How high one move is drawn, so that the fullest month fits. */
  const step = $derived(Math.min(MOST_STEP, HIGH / most));
</script>

<svg
  viewBox="0 -14 {12 * WIDE} {HIGH + 34}"
  role="img"
  aria-label="{review.moves.length} moves through the year: {review.outcomes
    .map(({ count, words }) => `${count} ${words}`)
    .join(', ')}"
>
  {#each byMonth as moves, i (i)}
    {#each moves as move, at (`${move.plantId} ${move.on}`)}
      <rect
        x={i * WIDE + 6}
        y={HIGH - (at + 1) * step}
        width="18"
        height={step * 0.86}
        style="fill: var(--color-{tintOf(move.outcome)})"
      />
    {/each}
    {#if moves.length}
      <text x={i * WIDE + 15} y={HIGH - moves.length * step - 3}>{moves.length}</text>
    {/if}
    <text class="month" x={i * WIDE + 15} y={HIGH + 16}>{'JFMAMJJASOND'[i]}</text>
  {/each}
  <line x1="0" x2={12 * WIDE} y1={HIGH} y2={HIGH} />
</svg>
<ul>
  {#each review.outcomes as { outcome, words, count } (outcome)}
    <li><i style="background: var(--color-{tintOf(outcome)})"></i><b>{count}</b> {words}</li>
  {/each}
</ul>

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 460px;
  }
  text {
    font: 600 12px var(--font-sans);
    text-anchor: middle;
    fill: var(--color-ink);
  }
  .month {
    fill: var(--color-ink-2);
  }
  line {
    stroke: var(--color-edge);
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    margin-top: 4px;
  }
  i {
    display: inline-block;
    width: 11px;
    height: 11px;
    margin-right: 6px;
    border: 1px solid var(--color-ink);
    border-radius: 2px;
  }
</style>
