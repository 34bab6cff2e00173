<script lang="ts">
  import type { Point } from './strokes';

  interface Props {
    /** Its growths from the oldest to the lead. */
    growths: readonly Point[];
    /** How many of the oldest are bare. */
    bare?: number;
    lead?: boolean;
    roots?: boolean;
  }
  const { growths, bare = 0, lead = true, roots = false }: Props = $props();
</script>

<path class="ink" fill="none" stroke-width="4" d="M{growths.map((at) => at.join(' ')).join('L')}" />
{#each growths as [x, y], i (i)}
  {@const front = lead && i === growths.length - 1}
  {#if roots && i >= growths.length - 2}
    <path
      class="thin"
      fill="none"
      d="M{x - 4} {y + 5}q-4 5-2 10M{x + 4} {y + 5}q4 5 2 10M{x} {y + 6}v9"
    />
  {/if}
  <circle class={front ? 'mark' : i < bare ? 'paper' : 'live'} cx={x} cy={y} r="6" />
{/each}
