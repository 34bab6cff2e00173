<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { photosOf } from '$lib/api/queries';
  import { laid, type Laid } from './laid';

  interface Props {
    plantId: number;
    /** The pot in the picture, mm across. */
    rimMm: number;
    onlaid: (laid: Laid | undefined) => void;
  }
  const { plantId, rimMm, onlaid }: Props = $props();
  const photos = photosOf(() => plantId);
  let photo = $state<Schemas['Photo']>();
  let points = $state<{ x: number; y: number }[]>([]);

  function set(event: PointerEvent) {
    const box = (event.currentTarget as SVGElement).getBoundingClientRect();
    points.push({
      x: ((event.clientX - box.left) / box.width) * photo!.width,
      y: ((event.clientY - box.top) / box.height) * photo!.height,
    });
    if (points.length === 2) {
      onlaid(laid(photo!, points[0]!, points[1]!, rimMm));
      photo = undefined;
      points = [];
    }
  }
</script>

{#if photo}
  <p>Tap the rim at one side, then right across.</p>
  <div class="picture">
    <img src="/api/photos/{photo.id}" alt="From above" />
    <svg viewBox="0 0 {photo.width} {photo.height}" onpointerdown={set} aria-hidden="true">
      {#each points as point, i (i)}
        <circle cx={point.x} cy={point.y} r={photo.width / 60} />
      {/each}
    </svg>
  </div>
  <button type="button" class="link" onclick={() => (photo = undefined)}>Another one</button>
{:else if photos.data?.length}
  <p class="quiet">A photograph from above, to set the growths on; its rim is the scale.</p>
  <div class="thumbs">
    {#each photos.data as each (each.id)}
      <button
        type="button"
        aria-label="Lay the one of {each.takenOn} under it"
        onclick={() => (photo = each)}
      >
        <img src="/api/photos/{each.id}?small=true" alt="" loading="lazy" />
      </button>
    {/each}
  </div>
  <button type="button" class="link" onclick={() => onlaid(undefined)}>Take it away</button>
{:else}
  <p class="quiet">
    Photograph it from above at the step before, and the growths can be set on the picture.
  </p>
{/if}

<style>
  .picture {
    position: relative;
    max-width: 460px;
  }
  .picture img {
    width: 100%;
  }
  .picture svg {
    position: absolute;
    inset: 0;
    touch-action: none;
    cursor: crosshair;
  }
  circle {
    fill: var(--color-ochre);
    stroke: #2c2733;
  }
  .thumbs {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  .thumbs button {
    padding: 0;
    border: 1px solid var(--color-edge);
    border-radius: 10px;
    overflow: hidden;
    cursor: pointer;
  }
  .thumbs img {
    display: block;
    height: 84px;
  }
</style>
