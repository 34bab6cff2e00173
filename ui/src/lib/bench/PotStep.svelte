<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import type { TypedPot } from '$lib/forms/pot';
  import PotFields from '$lib/forms/PotFields.svelte';
  import EyeHeight from '$lib/rhizome/EyeHeight.svelte';
  import FromAbove from '$lib/rhizome/MapFromAbove.svelte';
  import GrowthEditor from '$lib/rhizome/GrowthEditor.svelte';
  import type { Laid } from '$lib/rhizome/laid';
  import LayPhoto from '$lib/rhizome/LayPhoto.svelte';
  import { lengthSaid } from '$lib/words/units.svelte';
  import { partial } from '$lib/words/dates';
  import type { AtBench } from './atBench.svelte';
  import PotsInStock from './PotsInStock.svelte';
  import { roomSaid } from './room';

  interface Props {
    bench: AtBench;
    plant: Schemas['PlantPage'];
    choices: Schemas['Choices'];
    pot: TypedPot;
  }
  let { bench, plant, choices, pot = $bindable() }: Props = $props();
  const place = $derived(bench.job.place);
  const oldMm = $derived(plant.potting.diameterMm);
  let selected = $state<string>();
  let photo = $state.raw<Laid>();

  const chosen = $derived(place?.chosen);
  const year = $derived(Number(bench.job.begunOn.slice(0, 4)));
</script>

{#if place && bench.map && bench.job.dividing}
  <div class="place">
    <div>
      <FromAbove
        map={bench.map}
        marks={bench.marks}
        radiusMm={place.radiusMm}
        potMm={place.potMm}
        middle={place.middle}
        {oldMm}
        ahead={place.ahead}
        only={bench.job.dividing.staying}
        {year}
        bind:selected
        onmap={(map) => bench.draw(map)}
        under={photo}
      />
      {#if chosen && chosen.fit !== 'TOO_SMALL' && chosen.shifted}
        <p class="shift">
          <b>Shift it {lengthSaid(Math.round(chosen.shiftMm))} towards {chosen.shiftHour} o’clock</b
          >, so that the old end lies at the rim and the leads have the room.
        </p>
      {:else if chosen && chosen.fit !== 'TOO_SMALL'}
        <p class="shift"><b>In the middle</b>: it grows all ways.</p>
      {/if}
      {#if place.here && oldMm}
        <p class="quiet">
          {place.here.fits
            ? `Where it stands in its pot it has room for ${roomSaid(place.here)}`
            : 'Where it stands in its pot it is at the rim'}{place.here.until
            ? `, until about ${partial(place.here.until.slice(0, 7))}`
            : ''}.
        </p>
      {/if}
      <p class="quiet">Drag a growth, or use its arrow keys; tap it to set it by two measures.</p>
    </div>
    <div class="side">
      {#if selected}
        <GrowthEditor
          map={bench.map}
          name={selected}
          mark={bench.marks.find(({ growth }) => growth === selected)}
          stepMm={place.radiusMm * 2}
          {choices}
          stands={place.stands.find(({ growth }) => growth === selected)}
          pot={{ potMm: place.potMm, middleX: place.middle.x, middleY: place.middle.y }}
          onmap={(map) => bench.draw(map)}
          onredraw={(change) => bench.redraw(change)}
          onselect={(name) => (selected = name)}
        />
        <button type="button" class="act tall" onclick={() => (selected = undefined)}
          >Back to the pots</button
        >
      {:else}
        <PotsInStock {bench} {place} {choices} bind:pot />
      {/if}
    </div>
    <EyeHeight level={place.level} words={place.levelWords} why={place.levelWhy} />
  </div>
{:else if place}
  <div class="place">
    <PotsInStock {bench} {place} {choices} bind:pot />
    <EyeHeight level={place.level} words={place.levelWords} why={place.levelWhy} />
  </div>
{/if}
{#if bench.job.dividing && oldMm}
  <details class="unfold">
    <summary>Set the growths on a photograph</summary>
    <LayPhoto plantId={plant.id} rimMm={oldMm} onlaid={(laid) => (photo = laid)} />
  </details>
{/if}
<details class="unfold" open={!place?.seats.length}>
  <summary>Another pot, or its measures</summary>
  <PotFields bind:pot pots={choices.pots} problem={bench.problem} />
</details>

<style>
  .place {
    display: grid;
    grid-template-columns: minmax(0, 12fr) minmax(0, 12fr) minmax(0, 7fr);
    gap: 18px;
    align-items: start;
  }
  .side {
    display: grid;
    gap: 10px;
  }
  .shift {
    margin: 10px 0 6px;
    font-size: 18px;
  }
  @media (max-width: 1100px) {
    .place {
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    }
  }
  @media (max-width: 700px) {
    .place {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  details {
    margin-top: 10px;
  }
</style>
