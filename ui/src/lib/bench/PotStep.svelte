<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import type { TypedPot } from '$lib/forms/pot';
  import { typedPot } from '$lib/forms/pot';
  import PotFields from '$lib/forms/PotFields.svelte';
  import EyeHeight from '$lib/rhizome/EyeHeight.svelte';
  import FromAbove from '$lib/rhizome/MapFromAbove.svelte';
  import GrowthEditor from '$lib/rhizome/GrowthEditor.svelte';
  import type { Laid } from '$lib/rhizome/laid';
  import LayPhoto from '$lib/rhizome/LayPhoto.svelte';
  import { lengthSaid } from '$lib/words/units.svelte';
  import { partial } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';
  import type { AtBench } from './atBench.svelte';
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
  const words = (seat: Schemas['SeatView']) =>
    choices.pots.find(({ value }) => value === seat.pot.type)?.words ?? '';

  /** Pots of the stock with what keeps them apart: the best of them, then those that will not do. */
  const good = $derived(place?.seats.filter(({ fit }) => fit === 'GOOD') ?? []);
  const others = $derived(place?.seats.filter(({ fit }) => fit !== 'GOOD') ?? []);

  function take(seat: Schemas['SeatView']) {
    pot = { ...typedPot({ ...seat.pot, pot: seat.pot.type }), topLayer: pot.topLayer };
    bench.tell({ potItem: seat.item });
  }
</script>

{#snippet row(seat: Schemas['SeatView'])}
  <button type="button" aria-pressed={bench.told.potItem === seat.item} onclick={() => take(seat)}>
    <b>{lengthSaid(seat.pot.diameterMm!)}</b>
    <span class="what">
      {words(seat)}{seat.pot.depthMm ? `, ${lengthSaid(seat.pot.depthMm)} deep` : ''} · {seat.left}
      left
      {#each seat.because as because, i (i)}
        <span class="because"><Sentence parts={because} today={bench.job.begunOn} /></span>
      {/each}
    </span>
    <span class="room" class:bad={seat.fit !== 'GOOD'}>{roomSaid(seat.room)}</span>
  </button>
{/snippet}

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
        <div class="seats" role="group" aria-label="Pots in stock">
          {#each good as seat (seat.item)}{@render row(seat)}{/each}
          {#if place.lacking}
            <p class="lacking">
              None in stock is right: a pot of {lengthSaid(place.wantedMm)} would be.
            </p>
          {/if}
          {#if others.length}
            <details>
              <summary>{others.length} that will not do</summary>
              {#each others as seat (seat.item)}{@render row(seat)}{/each}
            </details>
          {/if}
        </div>
      {/if}
    </div>
    <EyeHeight level={place.level} words={place.levelWords} why={place.levelWhy} />
  </div>
{:else if place}
  <div class="place">
    <div class="seats" role="group" aria-label="Pots in stock">
      {#each place.seats as seat (seat.item)}{@render row(seat)}{/each}
      {#if place.lacking}
        <p class="lacking">
          None in stock is right: a pot of {lengthSaid(place.wantedMm)} would be.
        </p>
      {/if}
    </div>
    <EyeHeight level={place.level} words={place.levelWords} why={place.levelWhy} />
  </div>
{/if}
{#if bench.job.dividing && oldMm}
  <details>
    <summary>Set the growths on a photograph</summary>
    <LayPhoto plantId={plant.id} rimMm={oldMm} onlaid={(laid) => (photo = laid)} />
  </details>
{/if}
<details open={!place?.seats.length}>
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
  .seats {
    display: grid;
    gap: 8px;
  }
  .side {
    display: grid;
    gap: 10px;
  }
  .seats button {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 10px;
    align-items: baseline;
    width: 100%;
    --least: 64px;
    min-height: var(--least);
    padding: 10px 14px;
    border: 1px solid var(--color-rule);
    border-radius: 14px;
    background: var(--color-slip);
    color: var(--color-ink);
    font: 400 16px/1.3 var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  .seats button[aria-pressed='true'] {
    border: 2px solid var(--color-plum);
    background: var(--color-plum-wash);
  }
  .seats b {
    font: 560 19px var(--font-serif);
  }
  .what {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .because {
    display: block;
    color: var(--color-ink-2);
    font-size: 14.5px;
  }
  .room {
    font-weight: 600;
    white-space: nowrap;
  }
  .room.bad,
  .lacking {
    color: var(--color-clay);
  }
  .lacking {
    font-weight: 600;
    font-size: 16px;
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
  summary {
    display: flex;
    align-items: center;
    min-height: 56px;
    font-size: 16px;
    color: var(--color-plum);
    cursor: pointer;
  }
  details button {
    margin-bottom: 8px;
  }
</style>
