<script lang="ts">
  import { scaleLinear } from 'd3-scale';

  interface Props {
    /** From where to where the line goes. */
    from: number;
    to: number;
    low: number;
    likely: number;
    high: number;
    /** What is assumed, drawn as a tick; nothing where nothing is. */
    assumed?: number;
    /** By which name of the theme it is coloured. */
    tint: string;
    /** Whether there is too little to draw an interval of. */
    few: boolean;
    /** The same in words. */
    label: string;
  }
  const { from, to, low, likely, high, assumed, tint, few, label }: Props = $props();

  const W = 290;
  const MIDDLE = 15;
  const x = $derived(scaleLinear([from, to], [6, W - 6]).clamp(true));
</script>

<svg viewBox="0 0 {W} 30" width="100%" role="img" aria-label={label}>
  <path
    d="M6 {MIDDLE}H{W - 6}"
    stroke="var(--color-rule)"
    stroke-width="9"
    stroke-linecap="round"
    opacity="0.6"
  />
  {#if !few}
    <path
      d="M{x(low)} {MIDDLE}H{x(high)}"
      stroke="var(--color-{tint})"
      stroke-width="9"
      stroke-linecap="round"
      opacity="0.5"
    />
    <circle cx={x(likely)} cy={MIDDLE} r="6" fill="var(--color-{tint})" />
  {/if}
  {#if assumed !== undefined}
    <path d="M{x(assumed)} 3V27" stroke="var(--color-ink)" stroke-width="2" />
  {/if}
</svg>
