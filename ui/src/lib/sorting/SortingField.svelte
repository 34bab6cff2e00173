<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { HUE } from '$lib/drawings/verdicts';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import SortingKey from './SortingKey.svelte';
  import { crowded, labels, spread, type Spot } from './layout';
  import { count } from '$lib/words/counts';
  import { type Bounds, zonesOf } from './zones';

  interface Props {
    /** The most urgent first. */
    plants: Schemas['PlantLine'][];
    /** Where need and readiness turn into verdicts, by the rules in force. */
    bounds: Bounds;
    selected: number[];
    select: (id: number) => void;
  }
  const { plants, bounds, selected, select }: Props = $props();

  const W = 560;
  const H = 560;
  const MOST_NAMES = 40;
  const CLOSER = 2.5;
  const CLOSEST = 16;
  /** The part of the field that is drawn: opened up about a spot, or the whole. */
  let lens = $state({ x: 0, y: 0, k: 1 });
  let over = $state<Schemas['PlantLine']>();

  const px = (readiness: number) => 14 + (readiness / 100) * (W - 28);
  const py = (need: number) => 14 + (1 - need / 100) * (H - 28);
  const inLens = $derived(
    plants
      .map((plant) => ({
        id: plant.id,
        x: (px(plant.readiness) - lens.x) * lens.k,
        y: (py(plant.need) - lens.y) * lens.k,
      }))
      .filter(({ x, y }) => lens.k === 1 || (x > -5 && x < W + 5 && y > -5 && y < H + 5)),
  );
  const radius = $derived(inLens.length > 800 ? 4.5 : inLens.length > 250 ? 6.5 : 9);
  const spots = $derived(spread(inLens, radius + 1, W, H));
  const byId = $derived(new Map(plants.map((plant) => [plant.id, plant])));
  const names = $derived(
    labels(
      plants
        .slice(0, lens.k > 1 ? plants.length : MOST_NAMES)
        .map((plant) => ({ id: plant.id, text: plant.name })),
      spots,
      radius,
      W,
      H,
    ),
  );
  const named = $derived(new Set(names.map((name) => name.id)));
  const zx = $derived((readiness: number) => (px(readiness) - lens.x) * lens.k);
  const zy = $derived((need: number) => (py(need) - lens.y) * lens.k);
  const zones = $derived(zonesOf(bounds));

  const closer = $derived(lens.k * CLOSER);

  function open(spot: Spot) {
    lens = {
      x: lens.x + spot.x / lens.k - W / closer / 2,
      y: lens.y + spot.y / lens.k - H / closer / 2,
      k: closer,
    };
  }

  /** Chooses a plant, opens a crowd about it, or else follows the link to its page. */
  function clicked(event: MouseEvent, spot: Spot) {
    const chooses = event.shiftKey || event.ctrlKey || event.metaKey;
    const opens = closer <= CLOSEST && !named.has(spot.id) && crowded(spot, spots, radius);
    // After the first of two clicks something else may lie under the second.
    const second = event.detail > 1;
    if (!chooses && !opens && !second) return;
    event.preventDefault();
    if (second) return;
    if (chooses) select(spot.id);
    else open(spot);
  }
</script>

<div class="frame">
  <p class="sr-only">
    Need against readiness of {count(plants.length, 'plant')}; the list beside it says the same.
  </p>
  <svg viewBox="0 0 {W} {H}" aria-hidden="true">
    {#each zones as zone (zone)}
      <rect
        x={zx(zone.from[0]!)}
        y={zy(zone.to[1]!)}
        width={zx(zone.to[0]!) - zx(zone.from[0]!)}
        height={zy(zone.from[1]!) - zy(zone.to[1]!)}
        fill="var(--color-{zone.fill}-wash)"
        opacity="0.75"
      />
    {/each}
    {#each spots as spot (spot.id)}
      {@const plant = byId.get(spot.id)}
      {#if plant}
        <a
          href="/plants/{plant.id}"
          tabindex="-1"
          aria-hidden="true"
          onmouseenter={() => (over = plant)}
          onmouseleave={() => (over = undefined)}
          onclick={(event) => clicked(event, spot)}
        >
          <circle
            cx={spot.x}
            cy={spot.y}
            r={radius + 1}
            fill={selected.includes(plant.id)
              ? `var(--color-${HUE[plant.verdict]})`
              : 'transparent'}
            opacity="0.35"
          />
          <g transform="translate({spot.x - radius} {spot.y - radius})">
            <VerdictMark verdict={plant.verdict} size={radius * 2} />
          </g>
        </a>
      {/if}
    {/each}
    {#each names as name (name.id)}
      <text x={name.x} y={name.y + 4} font-size="12.5" font-weight="600" fill="var(--color-ink)"
        >{name.text}</text
      >
    {/each}
  </svg>
  <SortingKey {over} whole={lens.k > 1 ? () => (lens = { x: 0, y: 0, k: 1 }) : undefined} />
</div>

<style>
  svg {
    display: block;
    width: 100%;
    border-radius: 8px;
    touch-action: manipulation;
  }
  svg text {
    user-select: none;
    pointer-events: none;
    paint-order: stroke;
    stroke: var(--color-leaf);
    stroke-width: 3px;
    stroke-linejoin: round;
  }
</style>
