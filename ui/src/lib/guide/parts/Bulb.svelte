<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    /** The middle of its base. */
    x: number;
    y: number;
    height?: number;
    width?: number;
    /** How many leaves it carries. */
    leaves?: 0 | 1 | 2;
    /** How many furrows run down it. */
    furrows?: number;
    look?: 'live' | 'dry' | 'bad' | 'mark';
    lean?: number;
    children?: Snippet;
  }
  const {
    x,
    y,
    height = 26,
    width = 13,
    leaves = 1,
    furrows = 0,
    look = 'live',
    lean = 0,
    children,
  }: Props = $props();
  const w = $derived(width / 2);
  const top = $derived(-height);
  /** How long its leaves are. */
  const long = $derived(height * 0.72);
  const grooves = $derived(
    Array.from({ length: furrows }, (_, i) => ((i + 1) / (furrows + 1) - 0.5) * width * 0.9),
  );
</script>

<g transform="translate({x} {y}) rotate({lean})">
  {#if leaves > 0}
    <path
      class={look}
      d="M-1 {top + 2}C{-w - 5} {top - long * 0.4} {-w - 4} {top - long * 0.85} {-w} {top -
        long}C{-w + 6} {top - long * 0.7} 3 {top - long * 0.3} 1 {top + 2}z"
    />
  {/if}
  {#if leaves > 1}
    <path
      class={look}
      d="M-1 {top + 2}C-2 {top - long * 0.3} {w + 2} {top - long * 0.7} {w + 8} {top -
        long * 0.85}C{w + 7} {top - long * 0.4} {w + 1} {top - long * 0.1} 1 {top + 2}z"
    />
  {/if}
  <path
    class={look}
    d="M{-w * 0.7} 0C{-w * 1.35} {top * 0.35} {-w * 0.9} {top * 0.8} -2 {top}h4C{w * 0.9} {top *
      0.8} {w * 1.35} {top * 0.35} {w * 0.7} 0z"
  />
  {#each grooves as at, i (i)}
    <path
      class="{look} thin"
      fill="none"
      d="M{at} -2C{at * 1.25} {top * 0.4} {at * 0.9} {top * 0.7} {at * 0.3} {top + 4}"
    />
  {/each}
  {@render children?.()}
</g>
