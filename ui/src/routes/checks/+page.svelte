<script lang="ts">
  import { openChecks, sitePage } from '$lib/api/queries';
  import CheckRow from '$lib/checks/CheckRow.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { short } from '$lib/words/dates';

  const site = sitePage();
  const checks = openChecks();
  const today = $derived(site.data?.today ?? '');
  const due = $derived((checks.data ?? []).filter(({ listing }) => listing === 'NOW'));
  const soon = $derived((checks.data ?? []).filter(({ listing }) => listing === 'SOON'));
</script>

<svelte:head><title>Looks · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Looks</h1>
  <span class="quiet"><a class="link" href="/round">Rounds</a></span>
</div>

<Waiting query={checks}>
  <div class="looks">
    <section class="sheet" aria-labelledby="due">
      <h2 id="due">Look at</h2>
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
          No check is due{soon[0] ? `; the next opens ${short(soon[0].check.early, today)}` : ''}.
        </p>
      {/if}
    </section>
    {#if soon.length}
      <section class="sheet" aria-labelledby="soon">
        <h2 id="soon">In the next six weeks</h2>
        <ul class="soon">
          {#each soon as entry (`${entry.plantId} ${entry.check.id}`)}
            <li>
              <span class="quiet">{short(entry.check.best, today)}</span>
              <a href="/plants/{entry.plantId}">{entry.label}</a>
              <span class="quiet">{entry.check.title}</span>
            </li>
          {/each}
        </ul>
      </section>
    {/if}
  </div>
</Waiting>

<style>
  .looks {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 1000px;
  }
  .soon li {
    display: grid;
    grid-template-columns: 70px minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px;
    align-items: center;
    min-height: 44px;
    font-size: 14.5px;
  }
  .soon a {
    color: var(--color-ink);
    text-underline-offset: 3px;
  }
</style>
