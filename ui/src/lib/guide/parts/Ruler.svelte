<script lang="ts">
  interface Props {
    x: number;
    y: number;
    length: number;
    /** Whether it stands on end. */
    upright?: boolean;
  }
  const { x, y, length, upright = false }: Props = $props();
  const marks = $derived(Array.from({ length: Math.floor(length / 5) }, (_, i) => (i + 1) * 5));
</script>

<g transform="translate({x} {y}) rotate({upright ? -90 : 0})">
  <rect class="ruler" width={length} height="10" rx="1.5" />
  {#each marks as at, i (i)}
    <path class="thin" d="M{at} {upright ? 10 : 0}v{(upright ? -1 : 1) * (i % 2 ? 5.5 : 3.5)}" />
  {/each}
</g>
