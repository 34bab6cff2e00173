<script lang="ts">
  interface Props {
    x: number;
    y: number;
    size?: number;
  }
  const { x, y, size = 1 }: Props = $props();
</script>

<g transform="translate({x} {y}) scale({size})">
  <path
    class="paper"
    d="M-9 0q-2-5 3-5 0-5 5-3 4-3 6 1 6 0 4 5 3 5-3 5-2 4-6 2-6 2-6-2-4 0-3-3z"
    stroke-width="1.6"
  />
  <path class="thin" d="M-4 0h1M0-2h1M3 1h1" />
</g>
