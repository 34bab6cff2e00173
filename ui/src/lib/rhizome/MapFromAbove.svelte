<script lang="ts">
  import { Carrying, stepped } from './carrying.svelte';
  import { placed, type Laid } from './laid';
  import MapCut from './MapCut.svelte';
  import MapGrowth from './MapGrowth.svelte';
  import MapKey from './MapKey.svelte';
  import MapJoints from './MapJoints.svelte';
  import MapPot from './MapPot.svelte';
  import { centre, part, reach, type Mark, type PlantMap, type Spot } from './map';
  import { SIZE, sightOf } from './sight';

  interface Props {
    map: PlantMap;
    /** What follows for its growths, as far as it is known already. */
    marks: Mark[];
    /** Half of what a growth is across, mm. */
    radiusMm: number;
    /** The pot, mm across, and where its middle lies. */
    potMm?: number | null;
    middle?: Spot;
    /** The pot it comes from, round the middle of today. */
    oldMm?: number | null;
    /** Where the leads will stand after each year. */
    ahead?: Spot[][];
    year?: number;
    /** The growths that are shown, by their names; all unless given. */
    only?: string[];
    /** Joints that are cut, by their places; none are shown to cut unless given. */
    cuts?: number[];
    selected?: string | undefined;
    /** It stays as it is unless given. */
    onmap?: (map: PlantMap) => void;
    oncut?: (joint: number) => void;
    /** A photograph that lies under the drawing. */
    under?: Laid | undefined;
  }
  let {
    map,
    marks,
    radiusMm,
    potMm = null,
    middle: potMiddle = { x: 0, y: 0 },
    oldMm = null,
    ahead = [],
    year = 0,
    only,
    cuts,
    selected = $bindable(),
    onmap,
    oncut,
    under,
  }: Props = $props();

  const ROOM_MM = 16;

  let svg = $state<SVGSVGElement>();
  const carrying = new Carrying();
  const seen = (all: PlantMap) => (only ? part(all, only) : all);
  const held = $derived(seen(carrying.map ?? map));
  const middle = $derived(potMm ? potMiddle : centre(map));
  const half = $derived(Math.max((potMm ?? 0) / 2, reach(seen(map), radiusMm, middle)) + ROOM_MM);
  const sight = $derived(sightOf(middle, half));

  function mm(event: PointerEvent): Spot {
    const box = svg!.getBoundingClientRect();
    const aPixel = SIZE / Math.min(box.width, box.height) / sight.scale;
    return {
      x: (event.clientX - box.left - box.width / 2) * aPixel,
      y: -(event.clientY - box.top - box.height / 2) * aPixel,
    };
  }

  function take(event: PointerEvent, name: string) {
    selected = name;
    carrying.take(name, mm(event), map);
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
  }

  function drop(event: PointerEvent) {
    const left = carrying.drop(mm(event));
    if (left) onmap?.(left);
  }

  function keys(event: KeyboardEvent, name: string) {
    const next = stepped(map, name, event.key);
    if (next) onmap?.(next);
    else if (event.key === 'Enter' || event.key === ' ') selected = name;
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

<svg
  bind:this={svg}
  class:moves={onmap}
  viewBox="0 0 {SIZE} {SIZE}"
  role="group"
  aria-label="The plant seen from above"
  onpointermove={(event) => carrying.pull(mm(event), map)}
  onpointerup={drop}
  onpointercancel={() => carrying.leave()}
>
  {#if under}
    <image href="/api/photos/{under.photo.id}" {...placed(under, sight.scale, middle, SIZE)} />
  {/if}
  <MapPot
    {potMm}
    bare={under !== undefined}
    oldMm={potMm === oldMm ? null : oldMm}
    {ahead}
    {year}
    {radiusMm}
    {sight}
  />
  <MapJoints map={held} {sight} />
  {#each held.growths as growth (growth.name)}
    <MapGrowth
      {growth}
      mark={marks.find((mark) => mark.growth === growth.name)}
      {radiusMm}
      {sight}
      selected={selected === growth.name}
      lettered={cuts !== undefined}
      take={onmap && ((event) => take(event, growth.name))}
      keys={onmap && ((event) => keys(event, growth.name))}
    />
  {/each}
  {#if oncut}
    {#each held.joints as joint, i (i)}
      <MapCut map={held} {joint} made={cuts?.includes(i) ?? false} {sight} cut={() => oncut(i)} />
    {/each}
  {/if}
</svg>
{#if potMm}<MapKey {potMm} {oldMm} ahead={ahead.some((leads) => leads.length)} />{/if}

<style>
  svg {
    width: 100%;
    max-width: 460px;
  }
  svg.moves {
    touch-action: none;
    user-select: none;
  }
</style>
