<script lang="ts">
  import { said } from './rootStages';
  import { scaleLinear } from 'd3-scale';
  import { area, line } from 'd3-shape';
  import type { Schemas } from '$lib/interface/schemas';
  import { daysBetween, plusDays, short } from '$lib/words/dates';
  import { lengthOut } from '$lib/words/units.svelte';

  interface Props {
    roots: Schemas['RootChart'];
    today: string;
  }
  const { roots, today }: Props = $props();

  const W = 480;
  const H = 230;
  const LEFT = 36;
  const RIGHT = 8;
  const TOP = 20;
  const BOTTOM = 28;
  const MOST_BACK = 35;

  const sinceLook = $derived(Math.max(0, daysBetween(roots.measuredOn, today)));
  const longest = $derived(
    Math.max((roots.opensAtMm ?? roots.midMost) * 1.15, roots.midMost * 1.3, roots.lengthMm * 1.15),
  );
  /** The measurements of the roots growing now, in days from the last one; up to five weeks back. */
  const measured = $derived(
    roots.seen
      .slice(-Math.max(1, roots.measurements))
      .filter((look) => look.measuredMm != null)
      .map((look) => ({ day: daysBetween(roots.measuredOn, look.on), mm: look.measuredMm! }))
      .filter((look) => look.day >= -MOST_BACK),
  );
  const first = $derived(Math.min(0, ...measured.map((look) => look.day)));
  const ahead = $derived(
    roots.ahead.map((each) => ({ ...each, day: daysBetween(roots.measuredOn, each.on) })),
  );
  const days = $derived(Math.max(1, ...ahead.map((each) => each.day)));
  const x = $derived(scaleLinear([first, days], [LEFT, W - RIGHT]));
  const height = $derived(scaleLinear([0, longest], [H - BOTTOM, TOP]));
  /** A root that has not shown yet has no length to draw. */
  const y = $derived((mm: number) => height(Math.max(0, mm)));
  type Ahead = (typeof ahead)[number];
  const likely = $derived(
    line<Ahead>(
      (each) => x(each.day),
      (each) => y(each.likely),
    )(ahead),
  );
  const range = $derived(
    area<Ahead>(
      (each) => x(each.day),
      (each) => y(each.least),
      (each) => y(each.most),
    )(ahead),
  );
  const seen = $derived(
    line<(typeof measured)[number]>(
      (look) => x(look.day),
      (look) => y(look.mm),
    )(measured),
  );
  const bands = $derived([
    { from: 0, to: roots.nubMost, fill: 'moss', words: 'nubs: best' },
    { from: roots.nubMost, to: roots.shortMost, fill: 'clay', words: 'short: a broken tip stops' },
    { from: roots.shortMost, to: roots.midMost, fill: 'ochre', words: 'half long: wait' },
    {
      from: roots.midMost,
      to: longest,
      fill: roots.opensAgain ? 'moss' : 'ochre',
      words: roots.opensAgain ? 'long: branches again' : 'long: losses are certain',
    },
  ]);
  const labels = $derived([first, Math.round((first + days) / 2), days].map((day) => ({ day })));
</script>

<svg
  viewBox="0 0 {W} {H}"
  width="100%"
  role="img"
  aria-label={said(roots, today)}
  font-family="var(--font-sans)"
>
  {#each bands as band, i (i)}
    <rect
      x={LEFT}
      y={y(band.to)}
      width={W - LEFT - RIGHT}
      height={y(band.from) - y(band.to)}
      fill="var(--color-{band.fill}-wash)"
    />
    <text
      x={W - RIGHT - 8}
      y={(y(band.from) + y(band.to)) / 2 + 4}
      text-anchor="end"
      font-size="13"
      fill="var(--color-{band.fill})">{band.words}</text
    >
    <text
      x={LEFT - 6}
      y={y(band.from) + 4}
      text-anchor="end"
      font-size="13"
      fill="var(--color-ink-2)">{lengthOut(band.from)}</text
    >
  {/each}
  <clipPath id="inside-{roots.lead}">
    <rect x={LEFT} y={TOP} width={W - LEFT - RIGHT} height={H - TOP - BOTTOM} />
  </clipPath>
  <path d={range} fill="var(--color-plum)" opacity="0.13" clip-path="url(#inside-{roots.lead})" />
  <path
    d={likely}
    clip-path="url(#inside-{roots.lead})"
    stroke="var(--color-plum)"
    stroke-width="2"
    stroke-dasharray="5 4"
    fill="none"
  />
  {#if measured.length > 1}
    <path d={seen} stroke="var(--color-plum)" stroke-width="2.5" fill="none" />
  {/if}
  {#each measured as look, i (i)}
    <circle cx={x(look.day)} cy={y(look.mm)} r="4" fill="var(--color-plum)" />
  {/each}
  <circle
    cx={x(0)}
    cy={y(roots.lengthMm)}
    r="4.5"
    stroke="var(--color-plum)"
    stroke-width="1.6"
    fill={roots.measured ? 'var(--color-plum)' : 'var(--color-slip)'}
  />
  <path d="M{x(sinceLook)} {TOP - 4}V{H - BOTTOM}" stroke="var(--color-ink)" />
  <text x={x(sinceLook) + 5} y={TOP - 7} font-size="13" font-weight="600" fill="var(--color-ink)"
    >today</text
  >
  {#each labels as { day }, i (i)}
    <text
      x={x(day)}
      y={H - 8}
      font-size="13"
      text-anchor={i === 0 ? 'start' : i === labels.length - 1 ? 'end' : 'middle'}
      fill="var(--color-ink-2)">{short(plusDays(roots.measuredOn, day), today)}</text
    >
  {/each}
</svg>
