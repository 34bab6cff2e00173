<script lang="ts">
  interface Props {
    inARow: number;
    wanted: number;
  }
  const { inARow, wanted }: Props = $props();
  const rings = $derived(Array.from({ length: wanted }, (_, i) => i < inARow));
</script>

<span class="looks" role="img" aria-label="{Math.min(inARow, wanted)} of {wanted} clean looks">
  {#each rings as clean, i (i)}<i class:clean></i>{/each}
</span>

<style>
  .looks {
    display: inline-flex;
    gap: 4px;
    vertical-align: middle;
  }
  i {
    width: 12px;
    height: 12px;
    border: 1.5px solid var(--color-edge);
    border-radius: 3px 8px;
  }
  .clean {
    border-color: var(--color-moss);
    background: var(--color-moss);
  }
</style>
