<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, type Schemas } from '$lib/api/client';
  import { placeList, choices, plantList } from '$lib/api/queries';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import PlaceForm from '$lib/places/PlaceForm.svelte';
  import { warmthOut, warmthUnit } from '$lib/words/units.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { failed, saved } from '$lib/shell/toaster';

  type PlantLine = Schemas['PlantLine'];
  const client = useQueryClient();
  const query = placeList();
  const options = choices();
  const plants = plantList();
  /** The place that is open; 0 for a new one. */
  let open = $state<number>();
  /** Plants as they stand while one is carried; the program's own order otherwise. */
  let moved = $state<Record<number, number[]>>();
  let carried = $state<number>();
  /** A plant that stands where it was put only once the program has said so. */
  let sent = $state<number>();
  let said = $state('');

  const approaches = $derived(options.data?.approaches ?? []);
  const byId = $derived(new Map((plants.data ?? []).map((plant) => [plant.id, plant])));
  const stands = $derived.by(() => {
    const order: Record<number, number[]> = {};
    for (const place of query.data ?? [])
      order[place.id] = (plants.data ?? [])
        .filter((plant) => plant.placeId === place.id)
        .sort((a, b) => a.stand - b.stand)
        .map((plant) => plant.id);
    return order;
  });
  const now = $derived(moved ?? stands);

  /** The order if a plant stood at a turn in a place. */
  function withPlant(id: number, place: number, at: number): Record<number, number[]> {
    const order = Object.fromEntries(
      Object.entries(now).map(([key, ids]) => [key, ids.filter((each) => each !== id)]),
    ) as Record<number, number[]>;
    order[place]!.splice(at, 0, id);
    return order;
  }

  /** Whether a plant stands now where it was put; it is shown there only as long as it is sent. */
  async function stand(id: number, place: number, at: number): Promise<boolean> {
    const { name } = byId.get(id)!;
    const order = withPlant(id, place, at);
    moved = order;
    sent = id;
    try {
      const result = await answered(write(place, order[place]!));
      await again();
      saved(client, `${name} moved`, result);
      return true;
    } catch (failure) {
      failed(failure);
      await again();
      return false;
    }
  }

  function write(place: number, plants: number[]) {
    return api.PUT('/api/places/{id}/plants', {
      params: { path: { id: place } },
      body: { plants },
      keepalive: true,
    });
  }

  async function again() {
    await client.invalidateQueries({ queryKey: ['plants'] });
    moved = undefined;
    sent = undefined;
  }

  function drop(event: DragEvent, place: number, at: number) {
    event.preventDefault();
    event.stopPropagation();
    if (carried !== undefined) void stand(carried, place, at);
    carried = undefined;
  }

  /** Arrows move a plant along its place, and to the place before or after. */
  async function keys(event: KeyboardEvent, plant: PlantLine, place: number, at: number) {
    const places = query.data ?? [];
    const here = places.findIndex((each) => each.id === place);
    if (!event.altKey || !event.key.startsWith('Arrow')) return;
    event.preventDefault();
    let to = place;
    let turn = at;
    if (event.key === 'ArrowLeft') turn = Math.max(0, at - 1);
    if (event.key === 'ArrowRight') turn = Math.min(now[place]!.length - 1, at + 1);
    if (event.key === 'ArrowUp' && here > 0) to = places[here - 1]!.id;
    if (event.key === 'ArrowDown' && here < places.length - 1) to = places[here + 1]!.id;
    if (to !== place) turn = now[to]!.length;
    if (!(await stand(plant.id, to, turn))) return;
    const name = places.find((each) => each.id === to)!.name;
    said = `${plant.name}: ${name}, number ${turn + 1}`;
    document.getElementById(`plant-${plant.id}`)?.focus();
  }

  async function walk(place: number, by: number) {
    const ids = (query.data ?? []).map((each) => each.id);
    const at = ids.indexOf(place);
    ids.splice(at, 1);
    ids.splice(at + by, 0, place);
    try {
      await answered(api.PUT('/api/places', { body: { places: ids } }));
    } catch (failure) {
      failed(failure);
    }
    await client.invalidateQueries({ queryKey: ['places'] });
    void client.invalidateQueries({ queryKey: ['plants'] });
  }

  async function remove(place: Schemas['Place']) {
    try {
      await answered(api.DELETE('/api/places/{id}', { params: { path: { id: place.id } } }));
    } catch (failure) {
      failed(failure);
    }
    await client.invalidateQueries({ queryKey: ['places'] });
  }
</script>

<svelte:head><title>Places · Mellow Almanac</title></svelte:head>

<div class="top">
  <h1>Places</h1>
  <span class="quiet">
    In the order of the walk. Drag a plant to where it stands, or hold
    <span class="kbd-hint">Alt</span> and use the arrows.
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
    {#each query.data ?? [] as place, i (place.id)}
      {@const here = now[place.id] ?? []}
      <li
        class="sheet"
        ondragover={(event) => event.preventDefault()}
        ondrop={(event) => drop(event, place.id, here.length)}
      >
        <div class="row">
          <span class="who">
            <b>{place.name}</b>
            <span class="quiet">
              {here.length} plants ·
              {options.data?.placeKinds.find((each) => each.value === place.kind)?.words} ·
              {place.lampHours == null ? 'led by the sun' : `lamps ${place.lampHours} h a day`} ·
              {place.means
                ? `${warmthOut(Math.min(...place.means))} to ${warmthOut(Math.max(...place.means))} ${warmthUnit()} by month`
                : 'temperature not measured'}
              {#if place.approach}
                · {approaches.find((each) => each.approach === place.approach)?.name}
              {/if}
            </span>
          </span>
          <span class="acts">
            <button
              class="act small"
              aria-label="Walk to {place.name} earlier"
              disabled={i === 0}
              onclick={() => walk(place.id, -1)}>↑</button
            >
            <button
              class="act small"
              aria-label="Walk to {place.name} later"
              disabled={i === (query.data?.length ?? 0) - 1}
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
          </span>
        </div>
        {#if open === place.id}
          <PlaceForm {place} {approaches} done={() => (open = undefined)} />
        {/if}
        <ol>
          {#each here as id, at (id)}
            {@const plant = byId.get(id)}
            {#if plant}
              <li
                draggable="true"
                class:carried={carried === id || sent === id}
                aria-busy={sent === id}
                ondragstart={() => (carried = id)}
                ondragend={() => (carried = undefined)}
                ondragover={(event) => event.preventDefault()}
                ondrop={(event) => drop(event, place.id, at)}
              >
                <a
                  id="plant-{id}"
                  href="/plants/{id}"
                  draggable="false"
                  onkeydown={(event) => void keys(event, plant, place.id, at)}
                >
                  <span class="place" aria-label="place {at + 1}">{at + 1}</span>
                  <VerdictMark verdict={plant.verdict} size={15} />
                  {plant.name}
                </a>
              </li>
            {/if}
          {/each}
        </ol>
      </li>
    {:else}
      <li class="quiet">No place yet. Add the first one; plants stand in places.</li>
    {/each}
  </ul>
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px 14px;
    margin-bottom: 14px;
  }
  .top .act {
    margin-left: auto;
  }
  .places {
    list-style: none;
    padding: 0;
    margin: 14px 0 0;
    display: grid;
    gap: 12px;
  }
  .place {
    min-width: 18px;
    color: var(--color-ink-2);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
  }
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
  ol {
    list-style: none;
    padding: 0;
    margin: 10px 0 0;
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  ol li {
    border: 1px solid var(--color-rule);
    border-radius: 10px;
    background: var(--color-slip);
    cursor: grab;
  }
  ol li.carried {
    opacity: 0.45;
  }
  ol a {
    display: inline-flex;
    gap: 7px;
    align-items: center;
    min-height: 40px;
    padding: 0 12px;
    color: var(--color-ink);
    font-size: 14px;
    text-decoration: none;
  }
  ol a:hover {
    text-decoration: underline;
  }
</style>
