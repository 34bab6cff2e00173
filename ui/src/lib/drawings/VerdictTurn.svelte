<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from './VerdictMark.svelte';

  interface Props {
    plant: Schemas['Effect']['changed'][number];
    size: number;
  }
  const { plant, size }: Props = $props();
</script>

<a class="link" href="/plants/{plant.plantId}">{plant.label}</a>
<span class="quiet">
  <VerdictMark verdict={plant.before} {size} />
  {plant.beforeTitle.toLowerCase()} →
  <VerdictMark verdict={plant.after} {size} />
  {plant.afterTitle.toLowerCase()}
</span>

<style>
  span {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px;
  }
</style>
