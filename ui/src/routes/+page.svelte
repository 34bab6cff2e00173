<script lang="ts">
  import { openBatches, openChecks, openJobs, plantList, sitePage } from '$lib/api/queries';
  import CheckRow from '$lib/checks/CheckRow.svelte';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import Welcome from '$lib/welcome/Welcome.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';

  const site = sitePage();
  const plants = plantList();
  const checks = openChecks();
  const jobs = openJobs();
  const batches = openBatches();
  const today = $derived(site.data?.today ?? '');
  const now = $derived(
    (plants.data ?? [])
      .filter((plant) => plant.inHand)
      .sort((a, b) => a.turn - b.turn || b.need - a.need),
  );
  const due = $derived((checks.data ?? []).filter(({ listing }) => listing === 'NOW'));
  const soon = $derived((checks.data ?? []).filter(({ listing }) => listing === 'SOON'));
</script>

<svelte:head><title>Today · Mellow Almanac</title></svelte:head>

<Waiting query={plants}>
  {#if !plants.data?.length}
    <Welcome />
  {:else}
    <h1>Today</h1>
    <div class="columns">
      <section class="sheet" aria-labelledby="now">
        {#if jobs.data?.length || batches.data?.length}
          <h2>On the bench</h2>
          <ul class="begun">
            {#each batches.data ?? [] as batch (batch.uid)}
              <li>
                <a href="/batches/{batch.uid}"><b>{batch.plants} plants together</b></a>
                <span class="quiet"
                  >{batch.open ? `${batch.open} to be done` : 'check their tags'}</span
                >
              </li>
            {/each}
            {#each jobs.data ?? [] as job (job.uid)}
              <li>
                <a href="/jobs/{job.uid}"><b>{job.name}</b></a>
                <span class="quiet">go on</span>
              </li>
            {/each}
          </ul>
        {/if}
        <h2 id="now">Take in hand</h2>
        {#if now.length}
          <ul>
            {#each now as plant (plant.id)}
              <li>
                <VerdictMark verdict={plant.verdict} size={26} />
                <div>
                  <p>
                    <a href="/plants/{plant.id}"><b>{plant.name}</b></a>
                    <span class="quiet">{plant.title}, {plant.placeName}</span>
                  </p>
                  <p class="advice"><Sentence parts={plant.advice} {today} /></p>
                </div>
              </li>
            {/each}
          </ul>
        {:else}
          <p class="quiet">Nothing wants a move now.</p>
        {/if}
      </section>

      <section class="sheet" aria-labelledby="due">
        <h2 id="due">Look at</h2>
        <Waiting query={checks}>
          {#if due.length}
            <ul>
              {#each due as entry (`${entry.plantId} ${entry.check.id}`)}
                <CheckRow
                  check={entry.check}
                  {today}
                  plantId={entry.plantId}
                  of={{ label: entry.label, placeName: entry.placeName }}
                />
              {/each}
            </ul>
          {:else}
            <p class="quiet">
              No check is due{soon[0]
                ? `; the next opens ${short(soon[0].check.early, today)}`
                : ''}.
            </p>
          {/if}
        </Waiting>
        {#if soon.length}
          <h3>In the next six weeks</h3>
          <ul class="soon">
            {#each soon as entry (`${entry.plantId} ${entry.check.id}`)}
              <li>
                <span class="quiet">{short(entry.check.best, today)}</span>
                <a href="/plants/{entry.plantId}">{entry.label}</a>
                <span class="quiet">{entry.check.title}</span>
              </li>
            {/each}
          </ul>
        {/if}
      </section>
    </div>
  {/if}
</Waiting>

<style>
  h1 {
    margin: 0 0 14px;
  }
  .columns {
    display: grid;
    grid-template-columns: 340px minmax(0, 1fr);
    gap: 16px;
    align-items: start;
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 6px 0 0;
  }
  .begun {
    margin-bottom: 16px;
  }
  section > ul > li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
  section[aria-labelledby='now'] li {
    display: flex;
    gap: 12px;
    padding: 10px 0;
  }
  li a {
    color: var(--color-ink);
    text-underline-offset: 3px;
  }
  .advice {
    font-size: 14.5px;
  }
  h3 {
    font: 520 16px var(--font-serif);
    margin: 16px 0 4px;
  }
  .soon li {
    display: grid;
    grid-template-columns: 70px minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px;
    padding: 7px 0;
    font-size: 14.5px;
  }
  @media (max-width: 700px) {
    section[aria-labelledby='now'] p .quiet {
      display: block;
      margin-top: -10px;
    }
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
