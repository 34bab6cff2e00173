<script lang="ts">
  interface Props {
    /** From January to December. */
    now: number[];
    before: number[];
    year: number;
  }
  const { now, before, year }: Props = $props();
  const WIDE = 30;
  const HIGH = 90;
  const MONTHS = [
    'January',
    'February',
    'March',
    'April',
    'May',
    'June',
    'July',
    'August',
    'September',
    'October',
    'November',
    'December',
  ];
  const most = $derived(Math.max(1, ...now, ...before));
  const high = (many: number) => (many / most) * HIGH;
  const words = $derived(
    now
      .map((many, i) => ({ many, i }))
      .filter(({ many }) => many)
      .map(({ many, i }) => `${MONTHS[i]} ${many}`)
      .join(', '),
  );
</script>

<svg
  viewBox="0 -14 {12 * WIDE} {HIGH + 34}"
  role="img"
  aria-label="Plants in flower by month in {year}: {words || 'none was seen'}"
>
  {#each now as many, i (i)}
    <rect
      class="before"
      x={i * WIDE + 3}
      y={HIGH - high(before[i]!)}
      width="24"
      height={high(before[i]!)}
    />
    <rect class="now" x={i * WIDE + 8} y={HIGH - high(many)} width="14" height={high(many)} />
    {#if many}<text x={i * WIDE + 15} y={HIGH - high(many) - 3}>{many}</text>{/if}
    <text class="month" x={i * WIDE + 15} y={HIGH + 16}>{MONTHS[i]![0]}</text>
  {/each}
  <line x1="0" x2={12 * WIDE} y1={HIGH} y2={HIGH} />
</svg>
<p class="quiet">Plants in flower, by month; the pale ground is {year - 1}.</p>

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 460px;
  }
  .before {
    fill: var(--color-plum-wash);
    stroke: var(--color-edge);
    stroke-width: 0.6;
  }
  .now {
    fill: var(--color-plum);
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
  p {
    margin: 4px 0 0;
  }
</style>
