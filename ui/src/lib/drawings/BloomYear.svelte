<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    lines: Schemas['Line'][];
  }
  const { lines }: Props = $props();

  const W = 480;
  const LEFT = 44;
  const ROW = 20;
  const HUES: Record<string, string> = {
    SPIKE: 'moss',
    BUDS: 'ochre',
    OPEN: 'plum',
    FADING: 'clay',
  };
  const seen = $derived(
    lines
      .filter((line) => line.standing === 'HOLDS' && line.looks['bloom'])
      .map((line) => ({ on: line.on, bloom: line.looks['bloom']!.answers[0] ?? '' })),
  );
  const years = $derived([...new Set(seen.map((look) => look.on.slice(0, 4)))].sort());
  /** By months, so that each letter below stands over one as wide as the others. */
  const months = scaleLinear([0, 12], [LEFT, W - 8]);
  const x = (day: string) => months(Number(day.slice(5, 7)) - 1 + Number(day.slice(8)) / 31);
</script>

{#if years.length}
  <svg
    viewBox="0 0 {W} {years.length * ROW + 22}"
    width="100%"
    role="img"
    aria-label="In bloom: {seen
      .filter((look) => look.bloom === 'OPEN')
      .map((look) => look.on)
      .join(', ') || 'never seen open'}"
    font-family="var(--font-sans)"
    font-size="13"
  >
    {#each years as year, i (year)}
      <text x="0" y={i * ROW + 15} fill="var(--color-ink-2)">{year}</text>
      <path d="M{LEFT} {i * ROW + 11}H{W - 8}" stroke="var(--color-rule)" />
      {#each seen.filter((look) => look.on.startsWith(year)) as look, at (at)}
        <circle
          cx={x(look.on)}
          cy={i * ROW + 11}
          r={HUES[look.bloom] ? 6 : 2.5}
          fill={HUES[look.bloom] ? `var(--color-${HUES[look.bloom]})` : 'var(--color-ink-2)'}
        />
      {/each}
    {/each}
    {#each 'JFMAMJJASOND' as month, i (i)}
      <text
        x={months(i + 0.5)}
        y={years.length * ROW + 17}
        text-anchor="middle"
        fill="var(--color-ink-2)">{month}</text
      >
    {/each}
  </svg>
  <p class="quiet key">
    <i style="background: var(--color-moss)"></i> spike
    <i style="background: var(--color-ochre)"></i>
    buds <i style="background: var(--color-plum)"></i> open
    <i style="background: var(--color-clay)"></i> fading
  </p>
{/if}

<style>
  .key {
    display: flex;
    gap: 6px;
    align-items: center;
    font-size: 13px;
  }
  i {
    width: 11px;
    height: 11px;
    border-radius: 50%;
    margin-left: 8px;
  }
</style>
