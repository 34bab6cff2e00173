<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { problemOf } from '$lib/api/client';
  import { photosOf } from '$lib/api/queries';
  import { sendPhotos } from './sendAll';
  import { short } from '$lib/words/dates';

  interface Props {
    plantId: number;
    today: string;
  }
  const { plantId, today }: Props = $props();
  const client = useQueryClient();
  const query = photosOf(() => plantId);
  /** Which of how many is on its way. */
  let sending = $state<{ turn: number; of: number }>();
  let faults = $state<string[]>([]);

  async function send(files: FileList | null) {
    faults = [];
    const all = [...(files ?? [])];
    await sendPhotos(client, plantId, all, {
      sending: (turn) => (sending = { turn, of: all.length }),
      refused: (failure) => faults.push(problemOf(failure).message),
    });
    sending = undefined;
  }
</script>

<section class="sheet" aria-labelledby="photos">
  <h2 id="photos">Photographs</h2>
  {#if query.data?.length}
    <ul>
      {#each query.data.slice(0, 6) as photo (photo.id)}
        <li>
          <a href="/plants/{plantId}/photos?photo={photo.id}">
            <img
              src="/api/photos/{photo.id}?small=true"
              alt="Taken {short(photo.takenOn, today)}{photo.caption ? `: ${photo.caption}` : ''}"
              loading="lazy"
            />
            <span class="quiet">{short(photo.takenOn, today)}</span>
          </a>
        </li>
      {/each}
    </ul>
    <a class="link" href="/plants/{plantId}/photos"
      >All {query.data.length}, side by side, measure</a
    >
  {:else}
    <p class="quiet">None yet. The place where a picture was taken is never kept.</p>
  {/if}
  <label class="act small add">
    {sending ? `Keeping ${sending.turn} of ${sending.of}…` : 'Add photographs'}
    <input
      type="file"
      accept="image/*"
      multiple
      class="sr-only"
      onchange={(event) => void send(event.currentTarget.files)}
    />
  </label>
  {#each faults as fault, i (i)}<p class="fault" role="alert">{fault}</p>{/each}
</section>

<style>
  ul {
    margin: 8px 0;
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 8px;
  }
  img {
    width: 100%;
    aspect-ratio: 4/3;
    object-fit: cover;
    border-radius: 8px;
  }
  .add {
    margin-top: 8px;
  }
  .add:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
</style>
