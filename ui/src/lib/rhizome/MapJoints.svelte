<script lang="ts">
  import { named, spot, type PlantMap } from './map';
  import type { Sight } from './sight';

  const { map, sight }: { map: PlantMap; sight: Sight } = $props();
</script>

{#each map.joints as joint, i (i)}
  {@const one = spot(named(map, joint.one)!)}
  {@const other = spot(named(map, joint.other)!)}
  <line
    class="joint"
    class:natural={joint.natural}
    x1={sight.x(one.x)}
    y1={sight.y(one.y)}
    x2={sight.x(other.x)}
    y2={sight.y(other.y)}
  />
{/each}

<style>
  .joint {
    stroke: var(--color-edge);
    stroke-width: 7;
    stroke-linecap: round;
  }
  .joint.natural {
    stroke-dasharray: 2 10;
  }
</style>
