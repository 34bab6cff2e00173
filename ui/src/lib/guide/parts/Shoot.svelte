<script lang="ts">
  interface Props {
    /** The middle of its base. */
    x: number;
    y: number;
    height?: number;
    look?: 'live' | 'mark' | 'bad' | 'dry';
    lean?: number;
  }
  const { x, y, height = 16, look = 'mark', lean = 0 }: Props = $props();
</script>

<g transform="translate({x} {y}) rotate({lean})">
  <path
    class={look}
    d="M-4 0C-6 {-height * 0.45} -4 {-height * 0.75} 0 {-height}C4 {-height * 0.75} 6 {-height *
      0.45} 4 0z"
  />
  <path
    class="{look} thin"
    fill="none"
    d="M-1 -1C-2 {-height * 0.4} -1 {-height * 0.6} 0 {-height + 3}"
  />
</g>
