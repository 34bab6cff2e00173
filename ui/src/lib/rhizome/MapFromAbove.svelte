<script lang="ts">
  import { lengthSaid } from '$lib/words/units.svelte';
  import { placed, type Laid } from './laid';
  import {
    degrees,
    centre,
    moved,
    named,
    part,
    reach,
    spot,
    towards,
    type Growth,
    type Mark,
    type PlantMap,
    type Spot,
  } from './map';

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

  const HOURS = [12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11];
  const STEP_MM = 2;
  const ROOM_MM = 16;
  const SIZE = 400;

  let svg = $state<SVGSVGElement>();
  let drag = $state<{ name: string; from: Spot; map: PlantMap }>();
  const seen = (all: PlantMap) => (only ? part(all, only) : all);
  const held = $derived(seen(drag?.map ?? map));
  const middle = $derived(potMm ? potMiddle : centre(map));
  const half = $derived(Math.max((potMm ?? 0) / 2, reach(seen(map), radiusMm, middle)) + ROOM_MM);
  const scale = $derived(SIZE / 2 / half);
  const x = (mm: number) => SIZE / 2 + (mm - middle.x) * scale;
  const y = (mm: number) => SIZE / 2 - (mm - middle.y) * scale;
  const markOf = (name: string) => marks.find(({ growth }) => growth === name);

  function mm(event: PointerEvent): Spot {
    const box = svg!.getBoundingClientRect();
    const aPixel = SIZE / Math.min(box.width, box.height);
    return {
      x: (event.clientX - box.left - box.width / 2) * (aPixel / scale),
      y: -(event.clientY - box.top - box.height / 2) * (aPixel / scale),
    };
  }

  function take(event: PointerEvent, name: string) {
    if (!onmap) return;
    selected = name;
    drag = { name, from: mm(event), map };
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
  }

  function pull(event: PointerEvent) {
    if (!drag) return;
    const at = mm(event);
    drag = {
      ...drag,
      map: moved(map, drag.name, { x: at.x - drag.from.x, y: at.y - drag.from.y }),
    };
  }

  /** A tap that only shook a little selects, and moves nothing. */
  function drop(event: PointerEvent) {
    if (!drag) return;
    const at = mm(event);
    const far = Math.hypot(at.x - drag.from.x, at.y - drag.from.y) > STEP_MM;
    const { map: to } = drag;
    drag = undefined;
    if (far) onmap?.(to);
  }

  const ARROWS: Record<string, Spot> = {
    ArrowUp: { x: 0, y: STEP_MM },
    ArrowDown: { x: 0, y: -STEP_MM },
    ArrowLeft: { x: -STEP_MM, y: 0 },
    ArrowRight: { x: STEP_MM, y: 0 },
  };

  function keys(event: KeyboardEvent, name: string) {
    const by = ARROWS[event.key];
    if (event.key === 'Enter' || event.key === ' ') selected = name;
    else if (!by) return;
    else onmap?.(moved(map, name, by));
    event.preventDefault();
    event.stopPropagation();
  }

  function cutKeys(event: KeyboardEvent, joint: number) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.stopPropagation();
    oncut?.(joint);
  }

  const said = (growth: Growth) =>
    [
      `Growth ${growth.name}`,
      growth.front === 'LEAD' ? 'lead' : growth.front === 'EYE' ? 'live eye' : '',
      growth.firmness.toLowerCase(),
      `${growth.roots} roots`,
      growth.newRoots ? 'new roots' : '',
    ]
      .filter(Boolean)
      .join(', ');
</script>

<svg
  bind:this={svg}
  class:moves={onmap}
  viewBox="0 0 {SIZE} {SIZE}"
  role="group"
  aria-label="The plant seen from above"
  onpointermove={pull}
  onpointerup={drop}
  onpointercancel={() => (drag = undefined)}
>
  {#if under}
    <image href="/api/photos/{under.photo.id}" {...placed(under, scale, middle, SIZE)} />
  {/if}
  {#if potMm}
    <circle
      class="pot"
      class:bare={under !== undefined}
      cx={SIZE / 2}
      cy={SIZE / 2}
      r={(potMm / 2) * scale}
    />
    {#each HOURS as hour (hour)}
      {@const at = towards(hour * 30, potMm / 2 + 14 / scale)}
      <text class="hour" x={SIZE / 2 + at.x * scale} y={SIZE / 2 - at.y * scale + 5}>{hour}</text>
    {/each}
  {/if}
  {#if oldMm && potMm !== oldMm}
    <circle class="old" cx={x(0)} cy={y(0)} r={(oldMm / 2) * scale} />
  {/if}
  {#each ahead as leads, i (i)}
    {#each leads as lead, turn (turn)}
      <g class="ahead">
        <circle cx={x(lead.x)} cy={y(lead.y)} r={radiusMm * scale * 0.9} />
        <text x={x(lead.x)} y={y(lead.y) + 4}>’{String((year + i + 1) % 100).padStart(2, '0')}</text
        >
      </g>
    {/each}
  {/each}
  {#each held.joints as joint, i (i)}
    {@const one = spot(named(held, joint.one)!)}
    {@const other = spot(named(held, joint.other)!)}
    <line
      class="joint"
      class:natural={joint.natural}
      x1={x(one.x)}
      y1={y(one.y)}
      x2={x(other.x)}
      y2={y(other.y)}
    />
  {/each}
  {#each held.growths as growth (growth.name)}
    {@const at = spot(growth)}
    {@const mark = markOf(growth.name)}
    <g
      class="growth {growth.firmness.toLowerCase()} {growth.front.toLowerCase()}"
      class:selected={selected === growth.name}
      aria-label={said(growth)}
      {...onmap
        ? { role: 'button', tabindex: 0, 'aria-pressed': selected === growth.name }
        : { role: 'img' }}
      onpointerdown={(event) => take(event, growth.name)}
      onkeydown={(event) => keys(event, growth.name)}
    >
      <circle class="touch" cx={x(at.x)} cy={y(at.y)} r={Math.max(radiusMm * scale, 24)} />
      <circle class="bulb" cx={x(at.x)} cy={y(at.y)} r={radiusMm * scale * 0.8} />
      {#if growth.front === 'LEAD' && mark}
        {@const way = mark.degrees}
        {@const tip = towards(way, radiusMm * 0.55)}
        {@const left = towards(way + 140, radiusMm * 0.45)}
        {@const right = towards(way - 140, radiusMm * 0.45)}
        <path
          class="arrow"
          d="M{x(at.x + left.x)} {y(at.y + left.y)} L{x(at.x + tip.x)} {y(at.y + tip.y)} L{x(
            at.x + right.x,
          )} {y(at.y + right.y)}"
        />
      {:else if growth.front === 'EYE'}
        <circle class="eye" cx={x(at.x)} cy={y(at.y)} r={radiusMm * scale * 0.28} />
      {/if}
      {#if cuts && mark?.piece}
        <text class="piece" x={x(at.x)} y={y(at.y) + radiusMm * scale + 15}>{mark.piece}</text>
      {/if}
    </g>
  {/each}
  {#if oncut}
    {#each held.joints as joint, i (i)}
      {@const one = spot(named(held, joint.one)!)}
      {@const other = spot(named(held, joint.other)!)}
      {@const at = { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 }}
      {@const across = towards(degrees({ x: other.x - one.x, y: other.y - one.y }) + 90, 1)}
      <g
        class="cut"
        class:made={cuts?.includes(i)}
        role="button"
        tabindex="0"
        aria-pressed={cuts?.includes(i) ?? false}
        aria-label="Cut between {joint.one} and {joint.other}"
        onclick={() => oncut(i)}
        onkeydown={(event) => cutKeys(event, i)}
      >
        <circle class="touch" cx={x(at.x)} cy={y(at.y)} r="20" />
        <line
          x1={x(at.x) - across.x * 20}
          y1={y(at.y) + across.y * 20}
          x2={x(at.x) + across.x * 20}
          y2={y(at.y) - across.y * 20}
        />
      </g>
    {/each}
  {/if}
</svg>
{#if potMm}
  <p class="quiet key">
    {lengthSaid(potMm)} across{oldMm && potMm !== oldMm
      ? `; thin dashes: the old pot, ${lengthSaid(oldMm)}`
      : ''}{ahead.some((leads) => leads.length) ? '; broken rings: the years to come' : ''}
  </p>
{/if}

<style>
  svg {
    width: 100%;
    max-width: 460px;
  }
  svg.moves {
    touch-action: none;
    user-select: none;
  }
  .pot {
    fill: var(--color-ochre-wash);
    stroke: var(--color-edge);
    stroke-width: 4;
  }
  .pot.bare {
    fill: none;
  }
  .old {
    fill: none;
    stroke: var(--color-ink-2);
    stroke-dasharray: 3 4;
  }
  .hour,
  .ahead text,
  .piece {
    text-anchor: middle;
    font: 600 15px var(--font-sans);
    fill: var(--color-ink-2);
  }
  .ahead circle {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.5;
    stroke-dasharray: 5 4;
  }
  .ahead text {
    fill: var(--color-plum);
    paint-order: stroke;
    stroke: var(--color-ochre-wash);
    stroke-width: 5px;
  }
  .joint {
    stroke: var(--color-edge);
    stroke-width: 7;
    stroke-linecap: round;
  }
  .joint.natural {
    stroke-dasharray: 2 10;
  }
  .touch {
    fill: transparent;
  }
  .growth {
    cursor: grab;
    outline: none;
  }
  .bulb {
    fill: var(--color-moss);
    stroke: var(--color-leaf);
    stroke-width: 2;
  }
  .lead .bulb {
    fill: var(--color-moss-wash);
    stroke: var(--color-moss);
  }
  .wrinkled .bulb {
    stroke: var(--color-ochre);
    stroke-width: 4;
    stroke-dasharray: 3 3;
  }
  .soft .bulb {
    fill: var(--color-clay-wash);
    stroke: var(--color-clay);
    stroke-width: 3;
  }
  .arrow {
    fill: none;
    stroke: var(--color-moss);
    stroke-width: 3;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .soft .arrow {
    stroke: var(--color-clay);
  }
  .eye {
    fill: var(--color-leaf);
  }
  .growth.selected .bulb,
  .growth:focus-visible .bulb {
    stroke: var(--color-plum);
    stroke-width: 4;
    stroke-dasharray: none;
  }
  .piece {
    font-size: 15px;
    fill: var(--color-plum);
    paint-order: stroke;
    stroke: var(--color-leaf);
    stroke-width: 4px;
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
  .key {
    margin: 4px 0 0;
  }
</style>
