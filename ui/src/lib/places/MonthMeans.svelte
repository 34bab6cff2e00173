<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { failed } from '$lib/shell/toaster';
  import { warmthIn, warmthOut, warmthUnit } from '$lib/words/units.svelte';

  interface Props {
    place: Schemas['Place'] | undefined;
    /** As they are typed. */
    means: string[];
    /** Takes what stands in the entries as long as nobody types over it, °C. */
    take: (all: number[]) => void;
    fault: string | undefined;
  }
  let { place, means = $bindable(), take, fault }: Props = $props();

  const MONTHS = [
    'Jan',
    'Feb',
    'Mar',
    'Apr',
    'May',
    'Jun',
    'Jul',
    'Aug',
    'Sep',
    'Oct',
    'Nov',
    'Dec',
  ];
  /** What the sensor said, in a sentence. */
  let read = $state('');

  async function sensor() {
    if (!place) return;
    try {
      const year = await answered(
        api.POST('/api/instruments/sensor/{placeId}', { params: { path: { placeId: place.id } } }),
      );
      fill(year.means);
      read = `${year.days} days read, ${year.fresh} of them new; humidity ${year.humidity} % on the last.`;
    } catch (failure) {
      failed(failure);
    }
  }

  function fill(all: number[]) {
    take(all);
    means = all.map((mean) => warmthOut(mean));
  }

  /** Means on a curve between January and July; what is not typed is usual for the season. */
  async function curve() {
    const typed = (mean: string | undefined) => (mean?.trim() ? warmthIn(mean) : undefined);
    try {
      const query = { january: typed(means[0]), july: typed(means[6]) };
      fill((await answered(api.GET('/api/places/usual-year', { params: { query } }))).means);
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<fieldset>
  <legend>Mean temperature by month, {warmthUnit()}</legend>
  <p class="quiet">
    Empty: nobody has measured, and 20 °C is assumed. From January and July the others can be drawn.
    <button type="button" class="link" onclick={curve}>Draw the curve</button>
    {#if place}
      <button type="button" class="link" onclick={sensor}>Take them from the sensor</button>
    {/if}
  </p>
  {#if read}<p class="quiet" role="status">{read}</p>{/if}
  <div class="months">
    {#each MONTHS as month, i (month)}
      <label>{month}<input class="input" inputmode="decimal" bind:value={means[i]} /></label>
    {/each}
  </div>
  {#if fault}<p class="fault">{fault}</p>{/if}
</fieldset>

<style>
  legend {
    font: 520 17px var(--font-serif);
  }
  .months {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(74px, 1fr));
    gap: 8px;
  }
  .months label {
    display: grid;
    font-size: 14px;
  }
</style>
