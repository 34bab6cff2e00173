<script lang="ts">
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { round } from '$lib/round/walk.svelte';
  import { failed, saved } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';

  interface Props {
    selected: number[];
    plants: Schemas['PlantLine'][];
    places: Schemas['Place'][];
    /** Chooses none any more. */
    none: () => void;
  }
  const { selected, plants, places, none }: Props = $props();
  const client = useQueryClient();
  let target = $state('');

  /** Reads anew what was done to several plants at once, and offers to undo it. */
  function done(what: string, result: Schemas['Done']) {
    none();
    saved(client, what, result);
  }

  async function walk() {
    try {
      const all = await answered(api.GET('/api/round', { params: { query: {} } }));
      const stops = all.stops.filter((stop) => selected.includes(stop.plantId));
      round.start(`${stops.length} chosen plants`, { ...all, stops });
      await goto('/round');
    } catch (failure) {
      failed(failure);
    }
  }

  async function aside() {
    const body = { plants: selected, aside: true };
    try {
      const result = await answered(api.PUT('/api/aside', { body }));
      done(`${count(selected.length, 'plant')} pulled aside for the bench`, result);
    } catch (failure) {
      failed(failure);
    }
  }

  async function bench() {
    try {
      const batch = await answered(api.POST('/api/batches', { body: { plants: selected } }));
      await changed(client, 'jobs');
      none();
      await goto(`/batches/${batch.uid}`);
    } catch (failure) {
      failed(failure);
    }
  }

  async function stand() {
    const to = Number(target);
    const there = plants
      .filter((plant) => plant.placeId === to && !selected.includes(plant.id))
      .sort((a, b) => a.stand - b.stand)
      .map((plant) => plant.id);
    try {
      const result = await answered(
        api.PUT('/api/places/{id}/plants', {
          params: { path: { id: to } },
          body: { plants: [...there, ...selected] },
        }),
      );
      done(`${count(selected.length, 'plant stands', 'plants stand')} elsewhere now`, result);
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<div class="chosen" role="group" aria-label="What to do with the chosen plants">
  <b>{selected.length} chosen</b>
  <button type="button" class="act small" onclick={walk}>Walk to them</button>
  <button type="button" class="act small" onclick={aside}>Pull aside</button>
  {#if selected.length > 1}
    <button type="button" class="act small" onclick={bench}>To the bench together</button>
  {/if}
  <select class="select" aria-label="Stand in place" bind:value={target}>
    <option value="">stand on…</option>
    {#each places as each (each.id)}
      <option value={String(each.id)}>{each.name}</option>
    {/each}
  </select>
  <button type="button" class="act small" disabled={!target} onclick={stand}>Move</button>
  <button type="button" class="link" onclick={none}>None</button>
</div>

<style>
  .chosen {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    padding: 8px 12px;
    margin-bottom: 12px;
    border-radius: 10px;
    background: var(--color-plum-wash);
  }
  .chosen .select {
    width: 150px;
  }
</style>
