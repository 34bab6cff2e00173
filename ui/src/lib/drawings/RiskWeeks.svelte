<script lang="ts">
  import { scaleBand, scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';

  interface Props {
    weeks: Schemas['RiskWeek'][];
    today: string;
  }
  const { weeks, today }: Props = $props();

  const W = 340;
  const H = 96;
  const LEFT = 36;
  const TOP = 8;
  const FOOT = 22;
  const most = $derived(Math.max(0.3, ...weeks.map((week) => week.tips)));
  const x = $derived(
    scaleBand(
      weeks.map(({ on }) => on),
      [LEFT, W],
    ),
  );
  const y = $derived(scaleLinear([0, most], [H - FOOT, TOP]));
  /** However small a share is, it is seen. */
  const top = $derived((share: number) => Math.min(H - FOOT - 2, y(share)));
  const at = $derived((i: number) => x(weeks[i]!.on) ?? LEFT);
  const said = $derived(
    `Share of new tips a move would break, by the week: today ${Math.round(100 * (weeks[0]?.tips ?? 0))} %, ` +
      weeks
        .filter((week, i) => i > 0 && week.lost > 0 !== weeks[i - 1]!.lost > 0)
        .map((week) =>
          week.lost > 0
            ? `lost for good from ${short(week.on, today)}`
            : `no longer lost from ${short(week.on, today)}`,
        )
        .join(', '),
  );
</script>

<svg viewBox="0 0 {W} {H}" width="100%" role="img" aria-label={said} font-family="var(--font-sans)">
  <text x={LEFT - 6} y={TOP + 10} text-anchor="end" font-size="13" fill="var(--color-ink-2)"
    >{Math.round(100 * most)} %</text
  >
  {#each weeks as week, i (week.on)}
    <rect
      x={at(i) + 2}
      y={top(week.tips)}
      width={x.bandwidth() - 4}
      height={H - FOOT - top(week.tips)}
      fill="var(--color-{week.lost > 0 ? 'clay' : 'moss'})"
      opacity={i === 0 ? 1 : 0.6}
    />
    {#if week.lost > 0}
      <path
        d="M{at(i) + x.bandwidth() / 2 - 4} {H - FOOT - 4}l8 -8m0 8l-8 -8"
        stroke="var(--color-paper)"
        stroke-width="1.6"
      />
    {/if}
  {/each}
  <path d="M{LEFT} {H - FOOT}H{W}" stroke="var(--color-ink-2)" />
  {#each [0, Math.floor(weeks.length / 2), weeks.length - 1] as i (i)}
    {#if weeks[i]}
      <text
        x={at(i) + (i === 0 ? 0 : x.bandwidth() / 2)}
        y={H - 6}
        font-size="13"
        text-anchor={i === 0 ? 'start' : i === weeks.length - 1 ? 'end' : 'middle'}
        fill="var(--color-ink-2)">{i === 0 ? 'today' : short(weeks[i]!.on, today)}</text
      >
    {/if}
  {/each}
</svg>
<p class="quiet key">
  <span class="lost"></span> lost for good (crossed) <span class="kept"></span> grows again
</p>

<style>
  .key {
    display: flex;
    gap: 8px;
    align-items: center;
    font-size: 13px;
    margin: 0 0 4px;
  }
  .key span {
    width: 12px;
    height: 12px;
    border-radius: 2px;
  }
  .lost {
    background: var(--color-clay);
  }
  .kept {
    background: var(--color-moss);
  }
</style>
