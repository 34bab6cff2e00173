<script lang="ts">
  import OnePot from './OnePot.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    plant: Schemas['PlantPage'];
  }
  const { plant }: Props = $props();
  const card = $derived(plant.card);
</script>

<section class="sheet" aria-labelledby="card">
  <h2 id="card">Its card</h2>
  {#if card.label !== plant.name}
    <p>Label: <b>{card.label}</b></p>
  {/if}
  {#if card.believed}<p>Believed to be {card.believed}.</p>{/if}
  {#if card.status !== 'GROWING'}
    <p><b>{card.statusWords}</b>{card.statusReason ? `: ${card.statusReason}` : ''}</p>
  {/if}
  {#if plant.apart}
    <p>
      {plant.apart.over
        ? 'It may stand with the others now.'
        : `Look it over for pests ${short(plant.apart.next, plant.today)}; with the others from ${short(plant.apart.free, plant.today)}${plant.apart.found ? ', as something was found' : ''}.`}
    </p>
  {/if}
  {#if card.apartSince}<p>
      Kept apart since {short(card.apartSince, plant.today)}.
    </p>{/if}
  {#if card.heldSince}
    <p>Held in the pot it came in since {short(card.heldSince, plant.today)}.</p>
  {/if}
  {#if plant.holding}
    <p><Sentence parts={plant.holding.advice} today={plant.today} /></p>
  {/if}
  {#if plant.flowers}<p>Its flowers: {plant.flowers}.</p>{/if}
  {#if card.parents}<p>{card.parents}</p>{/if}
  {#if card.cameFrom}<p>
      From {card.cameFrom}{card.price ? `, ${card.price}` : ''}.
    </p>{/if}
  {#if card.mother}
    <p>
      Divided from
      <a class="link" href="/plants/{card.mother.id}">{card.mother.number} {card.mother.name}</a>
    </p>
  {/if}
  {#each card.daughters as kin (kin.id)}
    <p>
      Divided into
      <a class="link" href="/plants/{kin.id}">{kin.number} {kin.name}</a>, {kin.statusWords}
    </p>
  {/each}
  <OnePot {plant} />
  {#if card.notes}<p class="notes">{card.notes}</p>{/if}
  {#if plant.slip}
    <p><a class="link" href="/plants/new?mother={plant.id}">Add a division</a></p>
  {/if}
</section>

<style>
  .notes {
    font-style: italic;
    white-space: pre-line;
  }
</style>
