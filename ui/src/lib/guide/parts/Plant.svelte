<script lang="ts">
  import Bulb from './Bulb.svelte';

  interface Props {
    x?: number;
    y?: number;
    scale?: number;
  }
  const { x = 60, y = 49, scale = 1 }: Props = $props();
</script>

<g transform="translate({x} {y}) scale({scale})">
  <Bulb x={-15} y={0} height={18} width={10} leaves={0} furrows={1} />
  <Bulb x={0} y={0} height={24} width={12} leaves={2} />
  <Bulb x={15} y={0} height={22} width={9} leaves={1} />
  <path class="ink" d="M-18 0h36" stroke-width="3" />
</g>
