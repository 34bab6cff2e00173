<script lang="ts">
  import { scalePoint } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { Schemas } from '$lib/interface/schemas';

  const { looks }: { looks: Schemas['LookAhead'][] } = $props();

  const WIDTH = 330;
  const HEIGHT = 150;
  const MARGIN = 18;

  /** Each plant once, in the order of the walk. */
  const stops = $derived([...new Map(looks.map((look) => [look.plantId, look])).values()]);
  const places = $derived([...new Set(stops.map(({ placeName }) => placeName))]);
  const x = $derived(
    scalePoint(
      stops.map(({ plantId }) => plantId),
      [MARGIN, WIDTH - MARGIN],
    ),
  );
  const y = $derived(scalePoint(places, [HEIGHT - 34, 36]).align(1));
  const points = $derived(
    stops.map((look, i) => ({
      look,
      x: x(look.plantId)!,
      y: y(look.placeName)! + (i % 2 ? 7 : -7),
    })),
  );
  const path = $derived(
    line<(typeof points)[number]>(
      (at) => at.x,
      (at) => at.y,
    )(points),
  );
  const names = $derived(
    places.map((place) => {
      const first = points.findIndex(({ look }) => look.placeName === place);
      return {
        place,
        x: points[first]!.x,
        // The path climbs to the right, so that nothing lies below the names.
        y: Math.max(points[first]!.y, points[first + 1]?.y ?? 0) + 19,
      };
    }),
  );
</script>

<!-- The words beside it say the same. -->
<svg viewBox="0 0 {WIDTH} {HEIGHT}" aria-hidden="true">
  <path d={path} />
  {#each points as { look, x, y }, i (look.plantId)}
    <circle cx={x} cy={y} r="8.5" class:late={look.caught === 'OVERDUE'} />
    {#if points.length <= 20}<text {x} y={y + 3.5}>{i + 1}</text>{/if}
  {/each}
  {#each names as { place, x, y } (place)}
    <text class="place" x={Math.min(x - 8, WIDTH - 5.6 * place.length)} {y}>{place}</text>
  {/each}
</svg>

<style>
  svg {
    width: 100%;
    max-height: 170px;
  }
  path {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.6;
    stroke-dasharray: 3 4;
  }
  circle {
    fill: var(--color-leaf);
    stroke: var(--color-ink);
    stroke-width: 1.4;
  }
  .late {
    fill: var(--color-clay-wash);
    stroke: var(--color-clay);
  }
  text {
    fill: var(--color-ink);
    font-size: 9.5px;
    text-anchor: middle;
  }
  .place {
    fill: var(--color-ink-2);
    font-size: 11px;
    text-anchor: start;
  }
</style>
