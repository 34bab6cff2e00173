<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    medium: Schemas['MediumLife'];
  }
  const { medium }: Props = $props();

  const WIDTH = 280;
  const FULL = 140;
  const x = (percent: number) => (Math.min(FULL, Math.max(0, percent)) / FULL) * WIDTH;
  /** Nobody can tell how far it is; it may be anywhere from here on. */
  const open = $derived(medium.usedMost == null && medium.state === 'unknown');
  const mark = $derived(x(open ? medium.usedLeast : medium.used));
  const hue = $derived(
    medium.used > medium.spentFrom ? 'clay' : medium.used >= medium.dueFrom ? 'ochre' : 'moss',
  );
  const words = $derived(
    medium.usedMost == null
      ? medium.usedLeast > 0
        ? `at least ${medium.usedLeast} %`
        : 'nobody knows how much'
      : medium.usedMost - medium.usedLeast >= 2
        ? `${medium.used} % (${medium.usedLeast}–${medium.usedMost})`
        : `${medium.used} %`,
  );
</script>

<svg
  viewBox="0 0 {WIDTH} 62"
  width="100%"
  role="img"
  aria-label="Medium: {words} of its life used, {medium.state}"
  font-family="var(--font-sans)"
>
  <rect y="22" width={WIDTH} height="14" rx="7" fill="var(--color-rule)" opacity="0.55" />
  <rect
    x={x(medium.dueFrom)}
    y="22"
    width={x(medium.spentFrom) - x(medium.dueFrom)}
    height="14"
    fill="var(--color-ochre-wash)"
  />
  <path
    d="M{x(medium.spentFrom)} 22H{WIDTH - 7}a7 7 0 0 1 0 14H{x(medium.spentFrom)}z"
    fill="var(--color-clay-wash)"
  />
  {#if open}
    <rect
      x={mark}
      y="22.5"
      width={WIDTH - mark}
      height="13"
      rx="6"
      fill="none"
      stroke="var(--color-ink-2)"
      stroke-dasharray="4 4"
    />
  {/if}
  {#if !open || mark > 0}
    <rect y="22" width={Math.max(mark, 7)} height="14" rx="7" fill="var(--color-{hue})" />
  {/if}
  {#if medium.byCalendar != null && Math.abs(medium.byCalendar - medium.used) >= 3}
    <path d="M{x(medium.byCalendar)} 19v20" stroke="var(--color-ink-2)" stroke-dasharray="3 3" />
  {/if}
  {#if !open}<path d="M{mark} 15v25" stroke="var(--color-ink)" stroke-width="2" />{/if}
  <text
    x={Math.min(Math.max(mark, 2), WIDTH - 2)}
    y="11"
    text-anchor={mark < WIDTH / 3 ? 'start' : mark > (2 * WIDTH) / 3 ? 'end' : 'middle'}
    font-size="13"
    font-weight="600"
    fill="var(--color-ink)">{words}</text
  >
  <g font-size="13" fill="var(--color-ink-2)">
    <text x="0" y="56">fresh</text>
    <text x={x(medium.matureFrom)} y="56" text-anchor="middle">half</text>
    <text x={x((medium.dueFrom + medium.spentFrom) / 2)} y="56" text-anchor="middle">due</text>
    <text x={WIDTH} y="56" text-anchor="end">spent</text>
  </g>
</svg>
