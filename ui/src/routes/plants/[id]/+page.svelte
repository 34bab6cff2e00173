<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import type { Schemas } from '$lib/api/client';
  import { choices, plantPage } from '$lib/api/queries';
  import CheckRow from '$lib/checks/CheckRow.svelte';
  import BloomYear from '$lib/drawings/BloomYear.svelte';
  import DaysToDry from '$lib/drawings/DaysToDry.svelte';
  import GrowthChart from '$lib/drawings/GrowthChart.svelte';
  import NowOrHold from '$lib/holding/NowOrHold.svelte';
  import Photos from '$lib/photos/Photos.svelte';
  import LifeBar from '$lib/drawings/LifeBar.svelte';
  import RimStrip from '$lib/drawings/RimStrip.svelte';
  import { lastSeen } from '$lib/journal/last';
  import Journal from '$lib/journal/Journal.svelte';
  import Part from '$lib/shell/Part.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import Gone from '$lib/card/Gone.svelte';
  import PlantCard from '$lib/card/PlantCard.svelte';
  import RootWindows from '$lib/slip/RootWindows.svelte';
  import WhatIf from '$lib/whatif/WhatIf.svelte';
  import VerdictSlip from '$lib/slip/VerdictSlip.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { lengthUnit } from '$lib/words/units.svelte';
  import { partial } from '$lib/words/dates';

  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const options = choices();
  const plant = $derived(query.data);
  const titles = $derived(
    Object.fromEntries((options.data?.looks ?? []).map((look) => [look.item, look.title])),
  );
  const inspectHref = $derived(`/plants/${id}/inspect`);
  const editHref = $derived(`/plants/${id}/edit`);
  const repotHref = $derived(`/plants/${id}/repot`);

  let asking = $state(false);
  let supposed = $state<Schemas['Slip']>();

  function stopAsking() {
    asking = false;
    supposed = undefined;
  }

  function last(item: string): string | undefined {
    const choice = options.data?.looks.find((look) => look.item === item);
    return plant && choice ? lastSeen(plant, choice, item) : undefined;
  }

  function keys(event: KeyboardEvent) {
    if (event.key === 'Escape') stopAsking();
    const typing =
      event.target instanceof HTMLElement && event.target.closest('input, select, textarea');
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'e') void goto(editHref);
    if (!plant?.slip) return;
    if (event.key === 'i') void goto(inspectHref);
    if (event.key === 'w') asking = true;
    if (event.key === 'r') void goto(repotHref);
  }
</script>

<svelte:head><title>{plant?.name ?? 'Plant'} · Mellow Almanac</title></svelte:head>
<svelte:window onkeydown={keys} />

<Waiting {query}>
  {#if plant}
    <div class="page-head">
      <h1>{plant.name}</h1>
      <span class="quiet where"
        >{plant.card.number} · {plant.place.name} · {plant.kindName} ·
        <a class="link" href={editHref}>Edit</a>
        <a class="link" href="/tags?plant={id}">Tag</a></span
      >
      {#if plant.slip}<div class="acts">
          <button
            class="act small"
            aria-pressed={asking}
            onclick={() => (asking ? stopAsking() : (asking = true))}
            >What if <span class="kbd-hint">W</span></button
          >
          <a class="act small" href={inspectHref}>Inspect <span class="kbd-hint">I</span></a>
          <a class="act go small" href={repotHref}>Log a repot <span class="kbd-hint">R</span></a>
        </div>{/if}
    </div>

    {#if plant.nowOrHold}
      <NowOrHold {plant} asked={plant.nowOrHold} />
    {/if}

    <div class="columns" class:asking>
      <div class="verdict">
        {#if plant.slip}
          <VerdictSlip
            slip={supposed ?? plant.slip}
            supposed={supposed !== undefined}
            {titles}
            check={supposed ? undefined : plant.checks[0]}
            {inspectHref}
          />
        {:else}
          <Gone {plant} />
        {/if}
      </div>
      {#if asking && options.data && plant.slip}
        <WhatIf
          {plant}
          choices={options.data}
          {last}
          supposed={(slip) => (supposed = slip)}
          close={stopAsking}
        />
      {/if}

      <div class="middle">
        {#if plant.slip}
          <section class="sheet" aria-labelledby="roots">
            <h2 id="roots">New roots and the window</h2>
            <Part name="the roots"><RootWindows slip={plant.slip} /></Part>
          </section>
        {/if}
        {#if plant.room}
          <section class="sheet" aria-labelledby="rim">
            <h2 id="rim">Room to the rim</h2>
            <Part name="the room to the rim"
              ><RimStrip room={plant.room} today={plant.today} /></Part
            >
          </section>
        {/if}
        {#if plant.growths.some((growth) => growth.sizeMm != null)}
          <section class="sheet" aria-labelledby="growths">
            <h2 id="growths">Growths, year by year</h2>
            <p class="quiet">Size in {lengthUnit()}; a dot where it was seen in flower.</p>
            <Part name="its growths"><GrowthChart growths={plant.growths} /></Part>
          </section>
        {/if}
        {#if plant.journal.some((line) => line.looks['bloom'])}
          <section class="sheet" aria-labelledby="bloom">
            <h2 id="bloom">Bloom</h2>
            <Part name="its flowers"><BloomYear lines={plant.journal} /></Part>
          </section>
        {/if}
        {#if plant.slip}<section class="sheet" aria-labelledby="checks">
            <h2 id="checks">Checks</h2>
            {#if plant.checks.length}
              <ul>
                {#each plant.checks as check (check.id)}
                  <CheckRow {check} today={plant.today} plantId={plant.id} />
                {/each}
              </ul>
            {:else}
              <p class="quiet">No check is booked.</p>
            {/if}
          </section>{/if}
      </div>

      <div class="right">
        <section class="sheet" aria-labelledby="medium">
          <h2 id="medium">Medium</h2>
          <p class="quiet">
            {plant.potting.mixWords}, {plant.potting.moistureWords};
            <Sentence parts={plant.potting.potWords} today={plant.today} />; potted {partial(
              plant.potting.pottedOn,
            )}
          </p>
          {#if plant.slip?.medium}
            <Part name="the medium"><LifeBar medium={plant.slip.medium} /></Part>
            <p class="because">
              <Sentence parts={plant.slip.medium.because} today={plant.today} />
            </p>
          {:else if plant.slip}
            <p class="because">Nothing in it decays: it has no clock.</p>
          {/if}
          {#if plant.slip}<a class="link" href="/plants/{id}/hold">Soak test</a>{/if}
          <Part name="the days to dry">
            <DaysToDry
              lines={plant.journal}
              since={plant.potting.pottedOn === 'unknown' ? '' : plant.potting.pottedOn}
              today={plant.today}
            />
          </Part>
        </section>
        <PlantCard {plant} />
        <Part name="the photographs"><Photos plantId={plant.id} today={plant.today} /></Part>
        <Part name="the journal"><Journal {plant} /></Part>
      </div>
    </div>
  {/if}
</Waiting>

<style>
  .page-head {
    margin-bottom: 16px;
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
  .columns.asking {
    grid-template-columns: 368px minmax(0, 1fr);
  }
  .columns.asking .middle,
  .columns.asking .right {
    display: none;
  }
  .verdict {
    min-width: 0;
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
