<script lang="ts">
  interface Props {
    /** Where they meet, and how far they are apart. */
    x?: number;
    y?: number;
    apart?: number;
  }
  const { x = 60, y = 42, apart = 16 }: Props = $props();
</script>

<!-- A thumb from below and a finger from above. -->
<g transform="translate({x} {y})">
  <path class="paper" d="M-9 {-apart / 2 - 34}V{-apart / 2 - 9}a9 9 0 0 0 18 0V{-apart / 2 - 34}" />
  <path class="paper thin" d="M-5 {-apart / 2 - 6}a5 4 0 0 0 10 0" />
  <path
    class="paper"
    d="M-11 {apart / 2 + 34}V{apart / 2 + 10}a11 10 0 0 1 22 0V{apart / 2 + 34}"
  />
</g>
