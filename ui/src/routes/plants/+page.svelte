<script lang="ts">
  import { plantList, sitePage } from '$lib/api/queries';
  import { URGENCY } from '$lib/drawings/verdicts';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';

  const site = sitePage();
  const plants = plantList();
  const today = $derived(site.data?.today ?? '');
  let sought = $state('');
  const shown = $derived(
    (plants.data ?? [])
      .filter((plant) =>
        `${plant.number} ${plant.label} ${plant.profileName} ${plant.benchName} ${plant.title}`
          .toLowerCase()
          .includes(sought.trim().toLowerCase()),
      )
      .sort(
        (a, b) =>
          URGENCY.indexOf(a.verdict) - URGENCY.indexOf(b.verdict) ||
          b.need - a.need ||
          a.number.localeCompare(b.number),
      ),
  );
</script>

<svelte:head><title>Plants · Mellow Almanac</title></svelte:head>

<div class="top">
  <h1>Plants</h1>
  {#if plants.data?.length}
    <span class="quiet">{plants.data.length} plants, the most urgent first</span>
    <label>
      <span class="sr-only">Find a plant</span>
      <input class="input" type="search" placeholder="Name, number, bench…" bind:value={sought} />
    </label>
  {/if}
</div>

<Waiting query={plants}>
  {#if !plants.data?.length}
    <section class="sheet empty">
      <h2>No plants yet</h2>
      <p>Add the first one with what stands on its label; a look at it comes next.</p>
      <a class="act go" href="/plants/new">Add a plant</a>
    </section>
  {:else if !shown.length}
    <p class="quiet">No plant answers to “{sought}”.</p>
  {:else}
    <ul class="sheet">
      {#each shown as plant (plant.id)}
        <li>
          <a href="/plants/{plant.id}">
            <VerdictMark verdict={plant.verdict} size={26} />
            <span class="who">
              <b>{plant.label}</b>
              <span class="quiet">{plant.number} · {plant.profileName} · {plant.benchName}</span>
            </span>
            <span class="what">
              <b class="title">{plant.title}</b>
              <Sentence parts={plant.advice} {today} />
            </span>
            <span class="quiet next">
              {#if plant.nextCheck}
                {plant.nextCheck.urgency === 'LATER'
                  ? 'look'
                  : plant.nextCheck.urgency.toLowerCase()}
                {short(plant.nextCheck.best, today)}
              {/if}
            </span>
          </a>
        </li>
      {/each}
    </ul>
  {/if}
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px 14px;
    margin-bottom: 14px;
  }
  label {
    margin-left: auto;
    width: min(300px, 100%);
  }
  ul {
    list-style: none;
    padding: 4px 0;
    margin: 0;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
  a {
    display: grid;
    grid-template-columns: 30px minmax(0, 5fr) minmax(0, 6fr) 130px;
    gap: 2px 14px;
    align-items: center;
    padding: 9px 18px;
    color: var(--color-ink);
    text-decoration: none;
  }
  a:hover {
    background: var(--color-slip);
  }
  .who,
  .what {
    display: flex;
    flex-direction: column;
    font-size: 14.5px;
  }
  .who b {
    font-size: 15.5px;
    overflow-wrap: anywhere;
  }
  .next {
    text-align: right;
  }
  .empty {
    max-width: 520px;
    display: grid;
    gap: 12px;
    justify-items: start;
  }
  @media (max-width: 700px) {
    a {
      grid-template-columns: 30px minmax(0, 1fr) auto;
      padding: 9px 12px;
    }
    .what {
      grid-column: 2 / -1;
      grid-row: 2;
    }
  }
</style>
