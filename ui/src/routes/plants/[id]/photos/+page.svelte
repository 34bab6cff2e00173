<script lang="ts">
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { askAgain, KEYS } from '$lib/api/keys';
  import { photosOf, plantPage } from '$lib/api/queries';
  import MeasurePicture from '$lib/photos/MeasurePicture.svelte';
  import RemovePicture from '$lib/photos/RemovePicture.svelte';
  import SideBySide from '$lib/photos/SideBySide.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { failed, toaster } from '$lib/shell/toaster';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const plant = plantPage(() => id);
  const query = photosOf(() => id);
  const today = $derived(plant.data?.today ?? '');
  const asked = $derived(Number(page.url.searchParams.get('photo')) || undefined);
  let one = $state<number>();
  let other = $state<number>();
  const photos = $derived(query.data ?? []);
  const shown = $derived(photos.find((photo) => photo.id === (one ?? asked)) ?? photos[0]);
  const beside = $derived(photos.find((photo) => photo.id === other));

  /** The picture of which it is asked whether it goes for good. */
  let going = $state<number>();

  async function remove(photo: number) {
    try {
      await answered(api.DELETE('/api/photos/{id}', { params: { path: { id: photo } } }));
      one = undefined;
      toaster.success({ title: 'The picture is gone', duration: 4000 });
    } catch (failure) {
      failed(failure);
    }
    going = undefined;
    await askAgain(client, KEYS.photos(id));
  }
</script>

<svelte:head><title>Photographs {plant.data?.name ?? ''} · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>{plant.data?.name ?? 'Photographs'}</h1>
  <a class="link" href="/plants/{id}">Back to the plant</a>
</div>

<Waiting {query}>
  {#if shown}
    <ul>
      {#each photos as photo (photo.id)}
        <li>
          <button
            type="button"
            aria-pressed={photo.id === shown.id}
            aria-label="Show the picture of {short(photo.takenOn, today)}"
            onclick={() => (one = photo.id)}
          >
            <img src="/api/photos/{photo.id}?small=true" alt="" loading="lazy" />
            {short(photo.takenOn, today)}
          </button>
          {#if photo.id !== shown.id}
            <button
              type="button"
              class="link"
              aria-pressed={photo.id === other}
              onclick={() => (other = other === photo.id ? undefined : photo.id)}>beside</button
            >
          {/if}
        </li>
      {/each}
    </ul>
    {#if beside && beside.id !== shown.id}
      <SideBySide
        before={beside.takenOn < shown.takenOn ? beside : shown}
        after={beside.takenOn < shown.takenOn ? shown : beside}
        {today}
      />
    {:else}
      {#key shown.id}
        <MeasurePicture photo={shown} rimMm={plant.data?.potting.diameterMm} />
      {/key}
      <p class="quiet">
        Taken {short(shown.takenOn, today)}{shown.datedByPicture
          ? ', by the picture itself'
          : shown.look
            ? ', at a look'
            : ', the day it was added'}.
        {shown.caption}
        {#if going !== shown.id}
          <button type="button" class="link" onclick={() => (going = shown.id)}>Remove it</button>
        {/if}
      </p>
      {#if going === shown.id}
        <RemovePicture remove={() => void remove(shown.id)} keep={() => (going = undefined)} />
      {/if}
    {/if}
  {:else}
    <p class="quiet">No photograph yet; they are added on the plant’s page.</p>
  {/if}
</Waiting>

<style>
  ul {
    margin: 0 0 14px;
    display: flex;
    gap: 8px;
    overflow-x: auto;
  }
  li {
    display: grid;
    justify-items: center;
  }
  li button:first-child {
    display: grid;
    gap: 2px;
    padding: 4px;
    border: 2px solid transparent;
    border-radius: 10px;
    background: none;
    color: var(--color-ink);
    font: 13px var(--font-sans);
    cursor: pointer;
  }
  li button[aria-pressed='true']:first-child {
    border-color: var(--color-plum);
  }
  li img {
    width: 96px;
    height: 72px;
    object-fit: cover;
    border-radius: 6px;
  }
</style>
