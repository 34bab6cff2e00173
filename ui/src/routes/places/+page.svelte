<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { placeList, choices, plantList } from '$lib/api/queries';
  import { carriedBy, standing as asTheyStand, walked } from '$lib/places/order';
  import PlaceForm from '$lib/places/PlaceForm.svelte';
  import PlaceHead from '$lib/places/PlaceHead.svelte';
  import PlantsInPlace from '$lib/places/PlantsInPlace.svelte';
  import { Standing } from '$lib/places/standing.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { failed } from '$lib/shell/toaster';

  type PlantLine = Schemas['PlantLine'];
  const client = useQueryClient();
  const query = placeList();
  const options = choices();
  const plants = plantList();
  const standing = new Standing(client);
  /** The place that is open; 0 for a new one. */
  let open = $state<number>();
  let said = $state('');

  const places = $derived(query.data ?? []);
  const approaches = $derived(options.data?.approaches ?? []);
  const byId = $derived(new Map((plants.data ?? []).map((plant) => [plant.id, plant])));
  const now = $derived(standing.order ?? asTheyStand(places, plants.data ?? []));

  async function keys(event: KeyboardEvent, plant: PlantLine, place: number, at: number) {
    if (!event.altKey || !event.key.startsWith('Arrow')) return;
    event.preventDefault();
    const to = carriedBy(event.key, now, places, place, at);
    if (!to || !(await standing.put(now, plant, to.place, to.at))) return;
    const name = places.find((each) => each.id === to.place)!.name;
    said = `${plant.name}: ${name}, number ${to.at + 1}`;
    document.getElementById(`plant-${plant.id}`)?.focus();
  }

  async function walk(place: number, by: number) {
    const body = {
      places: walked(
        places.map(({ id }) => id),
        place,
        by,
      ),
    };
    try {
      await answered(api.PUT('/api/places', { body }));
    } catch (failure) {
      failed(failure);
    }
    await changed(client, 'places');
  }

  async function remove(place: Schemas['Place']) {
    try {
      await answered(api.DELETE('/api/places/{id}', { params: { path: { id: place.id } } }));
    } catch (failure) {
      failed(failure);
    }
    await changed(client, 'places');
  }
</script>

<svelte:head><title>Places · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Places</h1>
  <span class="quiet">
    In the order of the walk. Drag a plant to where it stands (a finger rests on it first), or hold
    <span class="kbd-hint held">Alt</span> and use the arrows.
  </span>
  <button class="act" onclick={() => (open = 0)}>Add a place</button>
</div>
<p class="sr-only" role="status">{said}</p>

<Waiting {query}>
  {#if open === 0}
    <section class="sheet" aria-label="A new place">
      <PlaceForm {approaches} done={() => (open = undefined)} />
    </section>
  {/if}
  <ul class="places">
    {#each places as place, i (place.id)}
      {@const here = now[place.id] ?? []}
      <li class="sheet">
        {#if options.data}
          <PlaceHead {place} plants={here.length} options={options.data}>
            <button
              class="act small"
              aria-label="Walk to {place.name} earlier"
              disabled={i === 0}
              onclick={() => walk(place.id, -1)}>↑</button
            >
            <button
              class="act small"
              aria-label="Walk to {place.name} later"
              disabled={i === places.length - 1}
              onclick={() => walk(place.id, 1)}>↓</button
            >
            {#if !here.length}
              <button class="link" onclick={() => remove(place)}>Remove</button>
            {/if}
            <button
              class="act small"
              aria-label="Change {place.name}"
              aria-expanded={open === place.id}
              onclick={() => (open = open === place.id ? undefined : place.id)}>Change</button
            >
          </PlaceHead>
        {/if}
        {#if open === place.id}
          <PlaceForm {place} {approaches} done={() => (open = undefined)} />
        {/if}
        <PlantsInPlace
          plants={here.flatMap((id) => byId.get(id) ?? [])}
          {standing}
          put={(plant, at) => void standing.put(now, plant, place.id, at)}
          keys={(event, plant, at) => void keys(event, plant, place.id, at)}
        />
      </li>
    {:else}
      <li class="quiet">No place yet. Add the first one; plants stand in places.</li>
    {/each}
  </ul>
</Waiting>

<style>
  .page-head .act {
    margin-left: auto;
  }
  .places {
    margin: 14px 0 0;
    display: grid;
    gap: 12px;
  }
</style>
