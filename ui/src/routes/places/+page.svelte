<script lang="ts">
  import { benchList, choices, plantList } from '$lib/api/queries';
  import BenchForm from '$lib/places/BenchForm.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';

  const query = benchList();
  const options = choices();
  const plants = plantList();
  /** The bench that is open; 0 for a new one. */
  let open = $state<number>();

  const approaches = $derived(options.data?.approaches ?? []);
  const count = $derived(
    (name: string) => plants.data?.filter((plant) => plant.benchName === name).length ?? 0,
  );
</script>

<svelte:head><title>Places · Mellow Almanac</title></svelte:head>

<div class="top">
  <h1>Places</h1>
  <span class="quiet"
    >Where the plants stand; light and warmth there decide when they can move.</span
  >
  <button class="act" onclick={() => (open = 0)}>Add a bench</button>
</div>

<Waiting {query}>
  {#if open === 0}
    <section class="sheet" aria-label="A new bench">
      <BenchForm {approaches} done={() => (open = undefined)} />
    </section>
  {/if}
  <ul>
    {#each query.data ?? [] as bench (bench.id)}
      <li class="sheet">
        <div class="row">
          <span class="who">
            <b>{bench.name}</b>
            <span class="quiet">
              {count(bench.name)} plants ·
              {bench.lampHours == null ? 'led by the sun' : `lamps ${bench.lampHours} h a day`} ·
              {bench.means
                ? `${Math.min(...bench.means)} to ${Math.max(...bench.means)} °C by month`
                : 'temperature not measured'}
              {#if bench.approach}
                · {approaches.find((each) => each.approach === bench.approach)?.name}
              {/if}
            </span>
          </span>
          <button
            class="act small"
            aria-label="Change {bench.name}"
            aria-expanded={open === bench.id}
            onclick={() => (open = open === bench.id ? undefined : bench.id)}>Change</button
          >
        </div>
        {#if open === bench.id}
          <BenchForm {bench} {approaches} done={() => (open = undefined)} />
        {/if}
      </li>
    {:else}
      <li class="quiet">No bench yet. Add the first one; plants stand on benches.</li>
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
  ul {
    list-style: none;
    padding: 0;
    margin: 14px 0 0;
    display: grid;
    gap: 12px;
  }
  .row {
    display: flex;
    gap: 16px;
    align-items: center;
    justify-content: space-between;
  }
  .who {
    display: flex;
    flex-direction: column;
  }
  b {
    font: 520 19px var(--font-serif);
  }
</style>
