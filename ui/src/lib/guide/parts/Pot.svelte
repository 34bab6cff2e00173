<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    /** The middle of the rim, its width, and how deep the pot is. */
    x?: number;
    y?: number;
    width?: number;
    depth?: number;
    /** How far the surface lies below the rim; on the right, if it is uneven. */
    soil?: number;
    soilRight?: number;
    /** What lies in the medium. */
    children?: Snippet;
  }
  const {
    x = 60,
    y = 44,
    width = 66,
    depth = 36,
    soil = 5,
    soilRight = soil,
    children,
  }: Props = $props();
  const TAPER = 0.22;
  const half = $derived((below: number) => (width / 2) * (1 - (TAPER * below) / depth));
  /** Pieces of medium, as parts of the way across and down. */
  const PIECES = [
    [0.06, 0.2, 10],
    [0.3, 0.5, 60],
    [0.53, 0.18, 140],
    [0.74, 0.56, 30],
    [0.95, 0.2, 70],
    [0.14, 0.85, 120],
    [0.48, 0.88, 5],
    [0.86, 0.9, 100],
  ] as const;
  const chips = $derived(
    PIECES.map(([across, down, turn]) => {
      const top = Math.max(soil, soilRight) + 5;
      const below = top + down * (depth - top - 5);
      return { x: x + (across - 0.5) * 2 * (half(below) - 7), y: y + below, turn };
    }),
  );
</script>

<path
  class="medium"
  d="M{x - half(soil)} {y + soil}L{x + half(soilRight)} {y + soilRight}L{x + half(depth)} {y +
    depth}H{x - half(depth)}z"
/>
{#each chips as chip, i (i)}
  <path
    class="chip"
    transform="translate({chip.x} {chip.y}) rotate({chip.turn})"
    d="M-4-1.8 3-2.4 4 1.6-3 2.2z"
  />
{/each}
<path
  class="surface"
  d="M{x - half(soil)} {y + soil}L{x + half(soilRight)} {y + soilRight}"
  fill="none"
/>
{@render children?.()}
<path
  class="pot"
  fill="none"
  d="M{x - half(0) - 3} {y}h3L{x - half(depth)} {y + depth}H{x + half(depth)}L{x + half(0)} {y}h3"
/>
