<script lang="ts">
  import { line } from 'd3-shape';
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    photo: Schemas['Photo'];
    /** The first two lie at the ends of the known length, the others along what is measured. */
    points: { x: number; y: number }[];
  }
  let { photo, points = $bindable() }: Props = $props();

  const through = line<{ x: number; y: number }>(
    ({ x }) => x,
    ({ y }) => y,
  );

  function set(event: PointerEvent) {
    const box = (event.currentTarget as SVGElement).getBoundingClientRect();
    points.push({
      x: ((event.clientX - box.left) / box.width) * photo.width,
      y: ((event.clientY - box.top) / box.height) * photo.height,
    });
  }
</script>

<div class="picture">
  <img src="/api/photos/{photo.id}" alt="To be measured" />
  <svg viewBox="0 0 {photo.width} {photo.height}" onpointerdown={set} aria-hidden="true">
    {#if points.length > 1}
      <path
        d={through(points.slice(0, 2))}
        stroke="#fff"
        stroke-width={photo.width / 180}
        stroke-dasharray={photo.width / 60}
      />
    {/if}
    <path
      d={through(points.slice(2))}
      fill="none"
      stroke="#e2b24f"
      stroke-width={photo.width / 150}
    />
    {#each points as point, i (i)}
      <circle
        cx={point.x}
        cy={point.y}
        r={photo.width / 110}
        fill={i < 2 ? '#fff' : '#e2b24f'}
        stroke="#2c2733"
        stroke-width={photo.width / 500}
      />
    {/each}
  </svg>
</div>

<style>
  .picture {
    position: relative;
    line-height: 0;
  }
  img {
    width: 100%;
    border-radius: 10px;
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    cursor: crosshair;
    touch-action: none;
  }
</style>
