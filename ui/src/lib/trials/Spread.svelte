<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/interface/schemas';
  import { said } from '$lib/words/sentence';
  import { mean, reach, type Spread } from './spread';

  interface Props {
    spread: Spread;
    measure: NonNullable<Schemas['TrialLook']['measure']>;
    others: string;
    today: string;
  }
  const { spread, measure, others, today }: Props = $props();

  let width = $state(0);
  const W = $derived(Math.max(width, 260));
  const H = 92;
  const UP = 26;
  const DOWN = 62;
  const x = $derived(scaleLinear(reach(spread), [12, W - 12]));
  const lanes = $derived([
    { head: 'Tried', dots: spread.tried, y: UP, tint: 'plum' },
    { head: others, dots: spread.against, y: DOWN, tint: 'moss' },
  ]);
  const words = (value: number) => {
    const rounded = Math.abs(value) < 10 ? Math.round(value * 10) / 10 : Math.round(value);
    const unit = { DAYS: 'days', PERCENT: '%' }[measure as string] ?? '';
    return said({ text: `${rounded} ${unit}`.trim(), value: rounded, measure, day: null }, today);
  };
  const label = $derived(
    lanes
      .map(({ head, dots }) => {
        const middle = mean(dots);
        return `${head}: ${middle === undefined ? 'nothing measured' : `${words(middle)} in the mean of ${dots.length}`}`;
      })
      .join('; '),
  );
</script>

<div bind:clientWidth={width}>
  <svg viewBox="0 0 {W} {H}" width={W} role="img" aria-label={label}>
    {#each spread.pairs as pair, i (i)}
      <path
        d="M{x(pair.tried)} {UP}L{x(pair.against)} {DOWN}"
        stroke="var(--color-ink-2)"
        opacity="0.45"
      />
    {/each}
    {#each lanes as { head, dots, y, tint } (y)}
      {@const middle = mean(dots)}
      <text x="12" y={y === UP ? 11 : H - 4} class="head">{head}</text>
      <path d="M12 {y}H{W - 12}" stroke="var(--color-rule)" stroke-width="2" />
      {#each dots as dot (dot.plantId)}
        <circle
          cx={x(dot.value)}
          cy={y}
          r="7"
          fill="var(--color-{tint})"
          fill-opacity="0.55"
          stroke="var(--color-{tint})"
        />
      {/each}
      {#if middle !== undefined}
        <path d="M{x(middle)} {y - 12}V{y + 12}" stroke="var(--color-ink)" stroke-width="2.5" />
        <text x={W - 12} y={y === UP ? 11 : H - 4} class="mean">{words(middle)}</text>
      {/if}
    {/each}
  </svg>
</div>

<style>
  div {
    max-width: 560px;
  }
  svg {
    display: block;
    max-width: 100%;
  }
  text {
    font: 13px var(--font-sans);
    fill: var(--color-ink-2);
  }
  .mean {
    text-anchor: end;
    font-weight: 650;
    fill: var(--color-ink);
  }
</style>
