<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { typedPot, type TypedPot } from '$lib/forms/pot';
  import Sentence from '$lib/words/Sentence.svelte';
  import { lengthSaid } from '$lib/words/units.svelte';
  import type { AtBench } from './atBench.svelte';
  import { roomSaid } from './room';

  interface Props {
    bench: AtBench;
    place: Schemas['PlaceView'];
    choices: Schemas['Choices'];
    pot: TypedPot;
  }
  let { bench, place, choices, pot = $bindable() }: Props = $props();

  const words = (seat: Schemas['SeatView']) =>
    choices.pots.find(({ value }) => value === seat.pot.type)?.words ?? '';

  /** Pots of the stock with what keeps them apart: the best of them, then those that will not do. */
  const good = $derived(place.seats.filter(({ fit }) => fit === 'GOOD'));
  const others = $derived(place.seats.filter(({ fit }) => fit !== 'GOOD'));

  function take(seat: Schemas['SeatView']) {
    pot = { ...typedPot({ ...seat.pot, pot: seat.pot.type }), topLayer: pot.topLayer };
    bench.tell({ potItem: seat.item });
  }
</script>

{#snippet row(seat: Schemas['SeatView'])}
  <button
    type="button"
    class="choice"
    aria-pressed={bench.told.potItem === seat.item}
    onclick={() => take(seat)}
  >
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

<div class="seats" role="group" aria-label="Pots in stock">
  {#each good as seat (seat.item)}{@render row(seat)}{/each}
  {#if place.lacking}
    <p class="lacking">
      None in stock is right: a pot of {lengthSaid(place.wantedMm)} would be.
    </p>
  {/if}
  {#if others.length}
    <details class="unfold">
      <summary>{others.length} that will not do</summary>
      {#each others as seat (seat.item)}{@render row(seat)}{/each}
    </details>
  {/if}
</div>

<style>
  .seats {
    display: grid;
    gap: 8px;
  }
  .seats button {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 10px;
    align-items: baseline;
    width: 100%;
    --least: 64px;
    padding: 10px 14px;
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
  details button {
    margin-bottom: 8px;
  }
</style>
