<script lang="ts">
  import { photosOf } from '$lib/api/queries';
  import { daysBetween, short } from '$lib/words/dates';

  interface Props {
    plantId: number;
    /** The day of the case; what was taken later tells how it went on. */
    on: string;
    today: string;
  }
  const { plantId, on, today }: Props = $props();
  const MOST_DAYS = 60;

  const query = photosOf(() => plantId);
  const then = $derived(
    (query.data ?? [])
      .filter(({ takenOn }) => takenOn <= on && daysBetween(takenOn, on) <= MOST_DAYS)
      .slice(0, 2),
  );
</script>

{#if then.length}
  <div>
    {#each then as photo (photo.id)}
      <img
        src="/api/photos/{photo.id}?small=true"
        alt="The plant on {short(photo.takenOn, today)}"
        width="160"
      />
    {/each}
  </div>
{/if}

<style>
  div {
    display: flex;
    gap: 8px;
    margin: 8px 0;
  }
  img {
    border-radius: 8px;
    max-width: 46%;
    height: auto;
  }
</style>
