<script lang="ts">
  import { scaleLinear, scaleUtc } from 'd3-scale';
  import { area, line } from 'd3-shape';
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';

  interface Props {
    ahead: Schemas['MonthsAheadView'];
    today: string;
  }
  const { ahead, today }: Props = $props();
  type Week = Schemas['WeekAhead'];
  const W = 340;
  const H = 168;
  const LEFT = 30;
  const TOP = 8;
  const FOOT = 24;
  const weeks = $derived(ahead.weeks);
  const at = (week: Week) => new Date(week.day);
  const x = $derived(scaleUtc([at(weeks[0]!), at(weeks.at(-1)!)], [LEFT, W - 4]));
  const y = scaleLinear([0, 100], [H - FOOT, TOP]);
  const months = $derived(x.ticks(12));
  const letter = (month: Date) =>
    new Intl.DateTimeFormat('en-GB', { month: 'narrow', timeZone: 'UTC' }).format(month);
  /** The weeks in which the season is shut, from the first of a run to the day after its last. */
  const shut = $derived(
    weeks.flatMap((week, i) =>
      week.open || i + 1 === weeks.length ? [] : [{ from: x(at(week)), to: x(at(weeks[i + 1]!)) }],
    ),
  );
  /** The next move, as far as it lies in sight. */
  const next = $derived.by(() => {
    const move = ahead.nextMove;
    const end = weeks.at(-1)!.day;
    if (!move || move.likely > end) return undefined;
    return {
      from: x(new Date(move.earliest)),
      at: x(new Date(move.likely)),
      to: x(new Date(move.latest < end ? move.latest : end)),
    };
  });
  const CURVES = [
    { of: 'need', tint: 'plum', words: 'wants a move' },
    { of: 'readiness', tint: 'moss', words: 'would take one' },
  ] as const;
  const band = $derived((of: 'need' | 'readiness') =>
    area<Week>(
      (week) => x(at(week)),
      (week) => y(week[of].least),
      (week) => y(week[of].most),
    )(weeks),
  );
  const likely = $derived((of: 'need' | 'readiness') =>
    line<Week>(
      (week) => x(at(week)),
      (week) => y(week[of].likely),
    )(weeks),
  );
  const said = $derived(
    CURVES.map(
      ({ of, words }) =>
        `${words}, of 100: ` +
        weeks
          .filter((_, i) => i % 13 === 0)
          .map((week) => `${short(week.day, today)} ${week[of].likely}`)
          .join(', '),
    ).join('; '),
  );
</script>

<svg viewBox="0 0 {W} {H}" width="100%" role="img" aria-label={said} font-family="var(--font-sans)">
  <defs>
    <pattern id="shut" width="6" height="6" patternUnits="userSpaceOnUse">
      <path d="M0 6L6 0" stroke="var(--color-slate)" stroke-width="1" opacity="0.5" />
    </pattern>
  </defs>
  {#each shut as run (run.from)}
    <rect
      x={run.from}
      y={TOP}
      width={run.to - run.from}
      height={H - FOOT - TOP}
      fill="url(#shut)"
    />
  {/each}
  {#each CURVES as { of, tint } (of)}
    <path d={band(of)} fill="var(--color-{tint})" opacity="0.22" />
  {/each}
  {#each CURVES as { of, tint } (of)}
    <path
      d={likely(of)}
      fill="none"
      stroke="var(--color-{tint})"
      stroke-width="2.4"
      stroke-dasharray={of === 'need' ? undefined : '7 4'}
    />
  {/each}
  {#if next}
    <rect
      x={next.from}
      y={TOP}
      width={Math.max(3, next.to - next.from)}
      height="5"
      fill="var(--color-ochre)"
    />
    <path d="M{next.at - 5} {TOP + 5}h10l-5 8z" fill="var(--color-ochre)" />
  {/if}
  <path d="M{LEFT} {y(ahead.wanted)}H{W - 4}" stroke="var(--color-ink-2)" stroke-dasharray="2 4" />
  <path d="M{LEFT} {TOP}V{H - FOOT}H{W - 4}" fill="none" stroke="var(--color-rule)" />
  {#each [0, 50, 100] as points (points)}
    <text x={LEFT - 6} y={y(points) + 5} text-anchor="end" font-size="13" fill="var(--color-ink-2)"
      >{points}</text
    >
  {/each}
  {#each months as month (month.getTime())}
    <path d="M{x(month)} {H - FOOT}v4" stroke="var(--color-rule)" />
    <text x={x(month) + 12} y={H - 6} text-anchor="middle" font-size="13" fill="var(--color-ink-2)"
      >{x(month) < W - 24 ? letter(month) : ''}</text
    >
  {/each}
</svg>
<p class="legend">
  {#each CURVES as { of, tint, words } (of)}
    <span>
      <svg width="26" height="8" aria-hidden="true"
        ><path
          d="M0 4H26"
          stroke="var(--color-{tint})"
          stroke-width="2.4"
          stroke-dasharray={of === 'need' ? undefined : '7 4'}
        /></svg
      >
      {words}
    </span>
  {/each}
</p>

<style>
  .legend svg {
    display: inline-block;
    vertical-align: middle;
  }
  .legend {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    margin: 2px 0 8px;
    font-size: 14px;
  }
</style>
