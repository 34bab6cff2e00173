<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/interface/schemas';

  import { lengthOut, lengthSaid } from '$lib/words/units.svelte';

  interface Props {
    /** The oldest first; only those that were measured are drawn. */
    growths: Schemas['GrowthView'][];
    /** The days on which it was moved. */
    moves?: string[];
  }
  const { growths, moves = [] }: Props = $props();

  const W = 480;
  const H = 130;
  const BASE = 104;
  const drawn = $derived(
    growths
      .filter((growth) => growth.sizeMm != null)
      .sort((a, b) => a.since.localeCompare(b.since)),
  );
  const largest = $derived(Math.max(1, ...drawn.map((growth) => growth.sizeMm!)));
  const size = $derived(scaleLinear([0, largest], [0, 78]));
  const step = $derived((W - 20) / Math.max(4, drawn.length));
  /** A move lies before the growths that began after it. */
  const cuts = $derived([
    ...new Set(moves.map((on) => drawn.filter(({ since }) => since <= on).length)),
  ]);
</script>

<svg
  viewBox="0 0 {W} {H}"
  width="100%"
  role="img"
  aria-label="Sizes of its growths: {drawn
    .map((growth) => `${growth.name} ${lengthSaid(growth.sizeMm!)}`)
    .join(', ')}"
  font-family="var(--font-sans)"
>
  <path d="M4 {BASE}H{W - 4}" stroke="var(--color-rule)" stroke-width="2" />
  {#each cuts as cut (cut)}
    <path
      d="M{10 + cut * step} 8V{BASE}"
      stroke="var(--color-slate)"
      stroke-width="2"
      stroke-dasharray="3 4"
    />
  {/each}
  {#each drawn as growth, i (i)}
    {@const h = size(growth.sizeMm!)}
    {@const x = 10 + i * step + step / 2}
    <path
      d="M{x - 9} {BASE}C{x - 19} {BASE - h * 0.5} {x - 8} {BASE - h} {x} {BASE - h}C{x + 8} {BASE -
        h} {x + 19} {BASE - h * 0.5} {x + 9} {BASE}z"
      fill="var(--color-{growth.until ? 'moss-wash' : 'moss'})"
      stroke="var(--color-moss)"
      stroke-width="1.5"
    />
    {#if growth.bloomed}
      <circle cx={x} cy={BASE - h - 7} r="4" fill="var(--color-plum)" />
    {/if}
    <text {x} y={BASE - h - 13} text-anchor="middle" font-size="13" fill="var(--color-ink)"
      >{lengthOut(growth.sizeMm!)}</text
    >
    <text {x} y={BASE + 17} text-anchor="middle" font-size="13" fill="var(--color-ink-2)"
      >{growth.name}</text
    >
  {/each}
</svg>
