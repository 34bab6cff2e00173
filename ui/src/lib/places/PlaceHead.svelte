<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { warmthOut, warmthUnit } from '$lib/words/units.svelte';

  interface Props {
    place: Schemas['Place'];
    /** How many stand there. */
    plants: number;
    options: Schemas['Choices'];
    /** What can be done with it. */
    children: Snippet;
  }
  const { place, plants, options, children }: Props = $props();
</script>

<div class="row">
  <span class="who">
    <b>{place.name}</b>
    <span class="quiet">
      {plants} plants ·
      {options.placeKinds.find((each) => each.value === place.kind)?.words} ·
      {place.lampHours == null ? 'led by the sun' : `lamps ${place.lampHours} h a day`} ·
      {place.means
        ? `${warmthOut(Math.min(...place.means))} to ${warmthOut(Math.max(...place.means))} ${warmthUnit()} by month`
        : 'temperature not measured'}
      {#if place.approach}
        · {options.approaches.find((each) => each.approach === place.approach)?.name}
      {/if}
    </span>
  </span>
  <span class="acts">{@render children()}</span>
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    justify-content: space-between;
  }
  .who {
    display: flex;
    flex-direction: column;
  }
  .acts {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  b {
    font: 520 19px var(--font-serif);
  }
</style>
