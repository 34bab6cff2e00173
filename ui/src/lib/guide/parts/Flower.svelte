<script lang="ts">
  interface Props {
    x: number;
    y: number;
    faded?: boolean;
    look?: 'mark' | 'live';
  }
  const { x, y, faded = false, look = 'mark' }: Props = $props();
</script>

<g transform="translate({x} {y})">
  {#if faded}
    <path class="dry" d="M0-6q-7 2-5 12 2-3 3-2 0 5 3 8 3-4 2-8 2 0 4 3 2-10-7-13z" />
  {:else}
    {#each [0, 72, 144, 216, 288] as turn (turn)}
      <path
        class={look}
        transform="rotate({turn})"
        d="M0 0q-6-6 0-13 6 7 0 13z"
        stroke-width="1.6"
      />
    {/each}
    <path class="dry" d="M-3 1q3 8 6 0-3-3-6 0z" stroke-width="1.4" />
  {/if}
</g>
