<script lang="ts">
  import { placeList, openChecks, plantList } from '$lib/api/queries';
  import Ahead from '$lib/round/Ahead.svelte';
  import { beginRound } from '$lib/round/beginRound';
  import Rounding from '$lib/round/Rounding.svelte';
  import Letters from '$lib/round/Letters.svelte';
  import { round } from '$lib/round/walk.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';

  const places = placeList();
  const plants = plantList();
  const checks = openChecks();
  let chosen = $state<number[]>([]);
  let busy = $state(false);

  const count = $derived(
    (place: number) => plants.data?.filter((plant) => plant.placeId === place).length ?? 0,
  );
  const due = $derived(
    new Set(
      (checks.data ?? [])
        .filter((entry) => entry.check.urgency !== 'LATER')
        .map((entry) => entry.plantId),
    ).size,
  );

  async function start(title: string, place: number[], due: boolean, plant: number[] = []) {
    busy = true;
    await beginRound(title, { place, plant, due });
    busy = false;
  }

  function names(ids: number[]): string {
    return (places.data ?? [])
      .filter((place) => ids.includes(place.id))
      .map((place) => place.name)
      .join(', ');
  }
</script>

<svelte:head><title>Round · Mellow Almanac</title></svelte:head>

{#if round.now}
  <Rounding />
{:else}
  <div class="page-head">
    <h1>Round</h1>
    <span class="quiet"
      ><a class="link" href="/small-jobs">Small jobs</a>
      <a class="link" href="/treatments">Treatments</a></span
    >
  </div>
  <Waiting query={places}>
    <div class="choose">
      <section class="sheet" aria-labelledby="due">
        <h2 id="due">What is due</h2>
        <p>
          {due === 0
            ? 'No check is due today.'
            : due === 1
              ? 'One plant has a check that is due.'
              : `${due} plants have a check that is due.`}
        </p>
        <button
          class="act go"
          disabled={busy || due === 0}
          onclick={() => start('What is due', [], true)}>Walk to them</button
        >
      </section>
      <section class="sheet" aria-labelledby="places">
        <h2 id="places">Place by place</h2>
        {#each places.data ?? [] as place (place.id)}
          <label class="place">
            <input class="checkbox" type="checkbox" value={place.id} bind:group={chosen} />
            <span>{place.name}</span>
            <span class="quiet">{count(place.id)} plants</span>
          </label>
        {:else}
          <p class="quiet">No place yet. <a class="link" href="/places">Add the first one</a>.</p>
        {/each}
        <button
          class="act go"
          disabled={busy || !chosen.length}
          onclick={() => start(names(chosen), chosen, false)}>Start</button
        >
        <button
          class="act"
          disabled={busy || !plants.data?.length}
          onclick={() => start('The whole walk', [], false)}>The whole walk</button
        >
      </section>
    </div>
    <Ahead {busy} walk={(title, ids) => start(title, [], false, ids)} />
    <div class="letters"><Letters /></div>
  </Waiting>
{/if}

<style>
  .choose {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(290px, 1fr));
    gap: 16px;
    max-width: 900px;
    align-items: start;
  }
  .letters {
    display: grid;
    gap: 8px;
    max-width: 900px;
    margin-top: 16px;
  }
  .sheet {
    display: grid;
    gap: 8px;
    justify-items: start;
  }
  .place {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 44px;
    width: 100%;
    cursor: pointer;
  }
  .place .quiet {
    margin-left: auto;
  }
</style>
