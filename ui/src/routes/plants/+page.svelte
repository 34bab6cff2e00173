<script lang="ts">
  import { bounds, placeList, choices, gonePlants, plantList, sitePage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Chosen from '$lib/sorting/Chosen.svelte';
  import Filters from '$lib/sorting/Filters.svelte';
  import GoneRows from '$lib/sorting/GoneRows.svelte';
  import { GONE } from '$lib/sorting/piles';
  import Piles from '$lib/sorting/Piles.svelte';
  import PlantRows from '$lib/sorting/PlantRows.svelte';
  import {
    kindsOf,
    mostUrgentFirst,
    nextMoveFirst,
    ofPile,
    open,
    sieved,
    sievedGone,
  } from '$lib/sorting/sieve';
  import SortingField from '$lib/sorting/SortingField.svelte';
  import { count } from '$lib/words/counts';

  const site = sitePage();
  const plants = plantList();
  const gone = gonePlants();
  const places = placeList();
  const options = choices();
  const drawnBy = bounds();
  const today = $derived(site.data?.today ?? '');

  let sieve = $state(open());
  let pile = $state('');
  let selected = $state<number[]>([]);

  const sorted = $derived(
    sieve.order === 'move' ? nextMoveFirst(plants.data ?? []) : mostUrgentFirst(plants.data ?? []),
  );
  const within = $derived(sieved(sorted, sieve));
  const shown = $derived(pile === GONE ? [] : ofPile(within, pile));
  const goneFound = $derived(sievedGone(gone.data ?? [], sieve.sought));
  /** They stand below the others while something is looked for. */
  const goneShown = $derived(pile === GONE || (!pile && sieve.sought.trim()) ? goneFound : []);

  function select(id: number) {
    selected = selected.includes(id) ? selected.filter((each) => each !== id) : [...selected, id];
  }
</script>

<svelte:head><title>Plants · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Plants</h1>
  {#if plants.data?.length || gone.data?.length}
    <span class="quiet"
      >{shown.length === plants.data?.length
        ? `${count(shown.length, 'plant')}, the ${sieve.order === 'move' ? 'nearest move' : 'most urgent'} first`
        : `${shown.length} of ${count(plants.data?.length ?? 0, 'plant')}`}</span
    >
    <Filters
      bind:sieve
      places={places.data ?? []}
      kinds={kindsOf(plants.data ?? [])}
      approaches={options.data?.approaches ?? []}
    />
  {/if}
</div>

<Waiting query={plants}>
  {#if !plants.data?.length && !gone.data?.length}
    <section class="sheet empty">
      <h2>No plants yet</h2>
      <p>Add the first one with what stands on its label; a look at it comes next.</p>
      <a class="act go" href="/plants/new">Add a plant</a>
    </section>
  {:else}
    <div class="columns">
      <section class="sheet field" aria-label="The field of need and readiness">
        {#if drawnBy.data}
          <SortingField plants={shown} bounds={drawnBy.data.verdicts} {selected} {select} />
        {/if}
      </section>
      <div>
        <Piles plants={within} gone={goneFound.length} bind:pile />
        {#if selected.length}
          <Chosen
            {selected}
            plants={sorted}
            places={places.data ?? []}
            none={() => (selected = [])}
          />
        {/if}
        {#if shown.length}
          <PlantRows plants={shown} {selected} {select} {today} order={sieve.order} />
        {:else if pile !== GONE && !goneShown.length}
          <p class="quiet">No plant answers to that.</p>
        {/if}
        {#if goneShown.length}<GoneRows plants={goneShown} />{/if}
      </div>
    </div>
  {/if}
</Waiting>

<style>
  .page-head {
    align-items: center;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 560px) minmax(0, 1fr);
    gap: 16px;
    align-items: start;
  }
  .field {
    position: sticky;
    top: 12px;
    padding: 12px;
  }
  .empty {
    max-width: 520px;
    display: grid;
    gap: 12px;
    justify-items: start;
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .field {
      position: static;
    }
  }
  @media (max-width: 700px) {
    .field {
      display: none;
    }
  }
</style>
