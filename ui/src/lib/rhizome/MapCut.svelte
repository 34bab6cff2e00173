<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { degrees, named, spot, towards, type PlantMap } from './map';
  import type { Sight } from './sight';

  interface Props {
    map: PlantMap;
    joint: Schemas['JointEntry'];
    made: boolean;
    sight: Sight;
    cut: () => void;
  }
  const { map, joint, made, sight, cut }: Props = $props();

  const HALF = 20;
  const one = $derived(spot(named(map, joint.one)!));
  const other = $derived(spot(named(map, joint.other)!));
  const x = $derived(sight.x((one.x + other.x) / 2));
  const y = $derived(sight.y((one.y + other.y) / 2));
  const across = $derived(towards(degrees({ x: other.x - one.x, y: other.y - one.y }) + 90, HALF));

  function keys(event: KeyboardEvent) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.stopPropagation();
    cut();
  }
</script>

<g
  class="cut"
  class:made
  role="button"
  tabindex="0"
  aria-pressed={made}
  aria-label="Cut between {joint.one} and {joint.other}"
  onclick={cut}
  onkeydown={keys}
>
  <circle class="touch" cx={x} cy={y} r={HALF} />
  <line x1={x - across.x} y1={y + across.y} x2={x + across.x} y2={y - across.y} />
</g>

<style>
  .touch {
    fill: transparent;
  }
  .cut {
    cursor: pointer;
    outline: none;
  }
  .cut line {
    stroke: var(--color-ink-2);
    stroke-width: 1.5;
    stroke-dasharray: 2 4;
  }
  .cut.made line {
    stroke: var(--color-clay);
    stroke-width: 4;
    stroke-dasharray: none;
  }
  .cut:focus-visible .touch {
    stroke: var(--color-plum);
    stroke-width: 2;
  }
</style>
