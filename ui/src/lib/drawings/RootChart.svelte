<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { daysBetween, plusDays, short } from '$lib/words/dates';
  import { lengthOut, lengthSaid } from '$lib/words/units.svelte';

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
  const MOST_AHEAD = 180;

  const longest = $derived(Math.max(roots.midMost * 1.3, roots.lengthMm * 1.15));
  const perDay = $derived(roots.mmAWeek / 7);
  const sinceLook = $derived(Math.max(0, daysBetween(roots.measuredOn, today)));
  /** The measurements of the roots growing now, in days from the last one; up to five weeks back. */
  const measured = $derived(
    roots.seen
      .slice(-Math.max(1, roots.measurements))
      .filter((look) => look.measuredMm != null)
      .map((look) => ({ day: daysBetween(roots.measuredOn, look.on), mm: look.measuredMm! }))
      .filter((look) => look.day >= -MOST_BACK),
  );
  const first = $derived(Math.min(0, ...measured.map((look) => look.day)));
  /** Slow roots are drawn for half a year at the most. */
  const days = $derived(
    Math.min(
      MOST_AHEAD + sinceLook,
      Math.max(sinceLook + 14, 28, Math.ceil((roots.midMost * 1.1 - roots.lengthMm) / perDay)),
    ),
  );
  const x = $derived((day: number) => LEFT + ((day - first) / (days - first)) * (W - LEFT - RIGHT));
  const y = $derived(
    (mm: number) => TOP + (1 - Math.min(mm, longest) / longest) * (H - TOP - BOTTOM),
  );
  const at = $derived((day: number, pace: number) => roots.lengthMm + day * perDay * pace);
  const line = $derived((pace: number) => {
    const end = Math.min(days, (longest - roots.lengthMm) / (perDay * pace));
    return { x: x(end), y: y(at(end, pace)) };
  });
  const fast = $derived(line(1 + roots.spread));
  const likely = $derived(line(1));
  const slow = $derived(line(1 - roots.spread));
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
  aria-label="Newest roots {lengthSaid(Math.round(roots.lengthMm))} on {short(
    roots.measuredOn,
    today,
  )}; nubs until about {short(roots.nubUntil.likely, today)}, unsafe until about {short(
    roots.unsafeUntil.likely,
    today,
  )}"
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
  <path
    d="M{x(0)} {y(roots.lengthMm)}L{fast.x} {fast.y}L{x(days)} {fast.y}L{slow.x} {slow.y}z"
    fill="var(--color-plum)"
    opacity="0.13"
  />
  <path
    d="M{x(0)} {y(roots.lengthMm)}L{likely.x} {likely.y}"
    stroke="var(--color-plum)"
    stroke-width="2"
    stroke-dasharray="5 4"
  />
  {#if measured.length > 1}
    <path
      d="M{measured.map((look) => `${x(look.day)} ${y(look.mm)}`).join('L')}"
      stroke="var(--color-plum)"
      stroke-width="2.5"
      fill="none"
    />
  {/if}
  {#each measured as look, i (i)}
    <circle cx={x(look.day)} cy={y(look.mm)} r="4" fill="var(--color-plum)" />
  {/each}
  <circle cx={x(0)} cy={y(roots.lengthMm)} r="4.5" fill="var(--color-plum)" />
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
