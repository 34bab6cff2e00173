<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { Schemas } from '$lib/interface/schemas';
  import { daysBetween, short } from '$lib/words/dates';

  interface Props {
    soaks: Schemas['SoakView'][];
    today: string;
    /** From which pH it is fed as usual, and from which the feed makes up for it. */
    usualFrom: number;
    raisedFrom: number;
  }
  const { soaks, today, usualFrom, raisedFrom }: Props = $props();

  let W = $state(480);
  const H = 170;
  const LEFT = 34;
  const LEAST = 5;
  const MOST = 8;
  const LEAST_DAYS = 14;
  const first = $derived(soaks[0]!.on);
  const along = $derived(
    scaleLinear([0, Math.max(LEAST_DAYS, daysBetween(first, today))], [LEFT, W - 14]),
  );
  const x = $derived((on: string) => along(daysBetween(first, on)));
  const bands = $derived([
    { from: MOST, to: usualFrom, fill: 'moss' },
    { from: usualFrom, to: raisedFrom, fill: 'ochre' },
    { from: raisedFrom, to: LEAST, fill: 'clay' },
  ]);
  const marks = $derived(new Set([LEAST, raisedFrom, usualFrom, 7, MOST]));
  const y = scaleLinear([MOST, LEAST], [12, 138]).clamp(true);
  const course = $derived(
    line<(typeof soaks)[number]>(
      (soak) => x(soak.on),
      (soak) => y(soak.out),
    )(soaks),
  );
</script>

<div bind:clientWidth={W}>
  <svg
    viewBox="0 0 {W} {H}"
    width="100%"
    height={H}
    role="img"
    aria-label="Soak water: {soaks.map((soak) => `pH ${soak.out} on ${soak.on}`).join(', ')}"
    font-family="var(--font-sans)"
    font-size="13"
  >
    {#each bands as { from, to, fill } (fill)}
      <rect
        x={LEFT}
        y={y(from)}
        width={W - LEFT}
        height={y(to) - y(from)}
        fill="var(--color-{fill}-wash)"
      />
    {/each}
    {#each marks as ph (ph)}
      <text x={LEFT - 6} y={y(ph) + 4} text-anchor="end" fill="var(--color-ink-2)">{ph}</text>
    {/each}
    <path d={course} fill="none" stroke="var(--color-plum)" stroke-width="2" />
    {#each soaks as soak, i (i)}
      {#if soak.in != null}
        <circle cx={x(soak.on)} cy={y(soak.in)} r="3.5" fill="none" stroke="var(--color-slate)" />
      {/if}
      <circle cx={x(soak.on)} cy={y(soak.out)} r="4.5" fill="var(--color-plum)" />
    {/each}
    <text x={LEFT} y={H - 8} fill="var(--color-ink-2)">{short(first, today)}</text>
    <text x={W - 4} y={H - 8} text-anchor="end" fill="var(--color-ink-2)">today</text>
  </svg>
</div>
