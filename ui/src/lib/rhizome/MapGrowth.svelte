<script lang="ts">
  import { spot, towards, type Growth, type Mark } from './map';
  import type { Sight } from './sight';

  interface Props {
    growth: Growth;
    /** What follows for it, once that is known. */
    mark: Mark | undefined;
    /** Half of what it is across, mm. */
    radiusMm: number;
    sight: Sight;
    selected: boolean;
    /** Whether the letter of its piece stands below it. */
    lettered: boolean;
    /** It stays where it is unless given. */
    take?: ((event: PointerEvent) => void) | undefined;
    keys?: ((event: KeyboardEvent) => void) | undefined;
  }
  const { growth, mark, radiusMm, sight, selected, lettered, take, keys }: Props = $props();

  const at = $derived(spot(growth));
  const cx = $derived(sight.x(at.x));
  const cy = $derived(sight.y(at.y));
  const radius = $derived(radiusMm * sight.scale);
  const arrow = $derived.by(() => {
    if (!mark) return '';
    const way = mark.degrees;
    const corners = [
      towards(way + 140, radiusMm * 0.45),
      towards(way, radiusMm * 0.55),
      towards(way - 140, radiusMm * 0.45),
    ];
    return corners.map(({ x, y }) => `${sight.x(at.x + x)},${sight.y(at.y + y)}`).join(' ');
  });
  const said = $derived(
    [
      `Growth ${growth.name}`,
      growth.front === 'LEAD' ? 'lead' : growth.front === 'EYE' ? 'live eye' : '',
      growth.firmness.toLowerCase(),
      `${growth.roots} roots`,
      growth.newRoots ? 'new roots' : '',
    ]
      .filter(Boolean)
      .join(', '),
  );
</script>

<g
  class="growth {growth.firmness.toLowerCase()} {growth.front.toLowerCase()}"
  class:selected
  aria-label={said}
  {...take ? { role: 'button', tabindex: 0, 'aria-pressed': selected } : { role: 'img' }}
  onpointerdown={take}
  onkeydown={keys}
>
  <circle class="touch" {cx} {cy} r={Math.max(radius, 24)} />
  <circle class="bulb" {cx} {cy} r={radius * 0.8} />
  {#if growth.front === 'LEAD' && arrow}
    <polyline class="arrow" points={arrow} />
  {:else if growth.front === 'EYE'}
    <circle class="eye" {cx} {cy} r={radius * 0.28} />
  {/if}
  {#if lettered && mark?.piece}
    <text x={cx} y={cy + radius + 15}>{mark.piece}</text>
  {/if}
</g>

<style>
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
  text {
    text-anchor: middle;
    font: 600 15px var(--font-sans);
    fill: var(--color-plum);
    paint-order: stroke;
    stroke: var(--color-leaf);
    stroke-width: 4px;
  }
</style>
