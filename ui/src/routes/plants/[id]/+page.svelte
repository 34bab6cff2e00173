<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { choices, plantPage } from '$lib/api/queries';
  import CheckRow from '$lib/checks/CheckRow.svelte';
  import LifeBar from '$lib/drawings/LifeBar.svelte';
  import RootChart from '$lib/drawings/RootChart.svelte';
  import Journal from '$lib/journal/Journal.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import VerdictSlip from '$lib/slip/VerdictSlip.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { partial } from '$lib/words/dates';

  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const options = choices();
  const plant = $derived(query.data);
  const titles = $derived(
    Object.fromEntries((options.data?.looks ?? []).map((look) => [look.item, look.title])),
  );
  const inspectHref = $derived(`/plants/${id}/inspect`);
  const repotHref = $derived(`/plants/${id}/repot`);

  function keys(event: KeyboardEvent) {
    const typing =
      event.target instanceof HTMLElement && event.target.closest('input, select, textarea');
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'i') void goto(inspectHref);
    if (event.key === 'r') void goto(repotHref);
  }
</script>

<svelte:head><title>{plant?.label ?? 'Plant'} · Mellow Almanac</title></svelte:head>
<svelte:window onkeydown={keys} />

<Waiting {query}>
  {#if plant}
    <div class="top">
      <h1>{plant.label}</h1>
      <span class="quiet where">{plant.number} · {plant.bench.name} · {plant.profileName}</span>
      <div class="acts">
        <a class="act" href={inspectHref}>Inspect <span class="kbd-hint">I</span></a>
        <a class="act go" href={repotHref}>Log a repot <span class="kbd-hint">R</span></a>
      </div>
    </div>

    <div class="columns">
      <VerdictSlip slip={plant.slip} {titles} check={plant.checks[0]} {inspectHref} />

      <div class="middle">
        <section class="sheet" aria-labelledby="roots">
          <h2 id="roots">New roots and the window</h2>
          {#if plant.slip.roots}
            <RootChart roots={plant.slip.roots} today={plant.slip.judgedOn} />
          {:else}
            <p class="quiet">
              No growing root tip has been seen since it was last potted. With a length in mm, or a
              stage from nubs to long, the windows are drawn here.
            </p>
          {/if}
        </section>
        <section class="sheet" aria-labelledby="checks">
          <h2 id="checks">Checks</h2>
          {#if plant.checks.length}
            <ul>
              {#each plant.checks as check (check.id)}
                <CheckRow {check} today={plant.slip.judgedOn} plantId={plant.id} />
              {/each}
            </ul>
          {:else}
            <p class="quiet">No check is booked.</p>
          {/if}
        </section>
      </div>

      <div class="right">
        <section class="sheet" aria-labelledby="medium">
          <h2 id="medium">Medium</h2>
          <p class="quiet">
            {plant.potting.mixWords}, {plant.potting.moistureWords}; potted {partial(
              plant.potting.pottedOn,
            )}
          </p>
          {#if plant.slip.medium}
            <LifeBar medium={plant.slip.medium} />
            <p class="because">
              <Sentence parts={plant.slip.medium.because} today={plant.slip.judgedOn} />
            </p>
          {:else}
            <p class="because">Nothing in it decays: it has no clock.</p>
          {/if}
        </section>
        <Journal {plant} />
      </div>
    </div>
  {/if}
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px 14px;
    margin-bottom: 16px;
  }
  h1 {
    overflow-wrap: anywhere;
  }
  .where {
    font-size: 15px;
  }
  .acts {
    display: flex;
    gap: 10px;
    margin-left: auto;
  }
  .columns {
    display: grid;
    grid-template-columns: 368px minmax(0, 1fr) 300px;
    gap: 16px;
    align-items: start;
  }
  .middle,
  .right {
    display: grid;
    gap: 16px;
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 0;
  }
  .middle ul :global(li) {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .middle ul :global(.answers) {
    grid-column: 1 / -1;
  }
  .because {
    font-size: 14.5px;
  }
  @media (max-width: 1150px) {
    .columns {
      grid-template-columns: 350px minmax(0, 1fr);
    }
    .right {
      grid-column: 1 / -1;
      grid-template-columns: 1fr 1fr;
      align-items: start;
    }
  }
  @media (max-width: 760px) {
    .columns,
    .right {
      grid-template-columns: minmax(0, 1fr);
    }
    .acts {
      margin-left: 0;
      width: 100%;
    }
    .acts .act {
      flex: 1;
    }
  }
</style>
