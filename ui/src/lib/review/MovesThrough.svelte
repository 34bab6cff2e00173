<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { tintOf } from '$lib/taught/tints';

  /** The moves of a year, each in its month, in the colour of what came of it. */
  const { review }: { review: Schemas['YearReview'] } = $props();
  const WIDE = 30;
  const STEP = 11;
  const byMonth = $derived(
    Array.from({ length: 12 }, (_, i) =>
      review.moves.filter(({ on }) => Number(on.slice(5, 7)) === i + 1),
    ),
  );
  const high = $derived(Math.max(4, ...byMonth.map(({ length }) => length)) * STEP);
</script>

<svg
  viewBox="0 0 {12 * WIDE} {high + 20}"
  role="img"
  aria-label="{review.moves.length} moves through the year: {review.outcomes
    .map(({ count, words }) => `${count} ${words}`)
    .join(', ')}"
>
  {#each byMonth as moves, i (i)}
    {#each moves as move, at (`${move.plantId} ${move.on}`)}
      <circle
        cx={i * WIDE + 15}
        cy={high - at * STEP - 6}
        r="4.6"
        style="fill: var(--color-{tintOf(move.outcome)})"
      />
    {/each}
    <text x={i * WIDE + 15} y={high + 16}>{'JFMAMJJASOND'[i]}</text>
  {/each}
  <line x1="0" x2={12 * WIDE} y1={high} y2={high} />
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
  circle {
    stroke: var(--color-ink);
    stroke-width: 0.8;
  }
  text {
    font: 600 12px var(--font-sans);
    text-anchor: middle;
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
    border-radius: 50%;
  }
</style>
