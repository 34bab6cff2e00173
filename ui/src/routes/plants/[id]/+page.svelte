<script lang="ts">
  import { shortcut } from '$lib/forms/shortcut.svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import type { Schemas } from '$lib/interface/schemas';
  import { choices, photosOf, plantPage } from '$lib/api/queries';
  import MonthsAhead from '$lib/ahead/MonthsAhead.svelte';
  import NowOrHold from '$lib/holding/NowOrHold.svelte';
  import Photos from '$lib/photos/Photos.svelte';
  import { lastSeen } from '$lib/journal/last';
  import Journal from '$lib/journal/Journal.svelte';
  import Part from '$lib/shell/Part.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Gone from '$lib/card/Gone.svelte';
  import Medium from '$lib/card/Medium.svelte';
  import PlantHead from '$lib/card/PlantHead.svelte';
  import PlantCard from '$lib/card/PlantCard.svelte';
  import Signs from '$lib/card/Signs.svelte';
  import WhatIf from '$lib/whatif/WhatIf.svelte';
  import OnPlant from '$lib/smalljobs/OnPlant.svelte';
  import VerdictSlip from '$lib/slip/VerdictSlip.svelte';

  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const options = choices();
  const photos = photosOf(() => id);
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
    const key = shortcut(event);
    if (key === 'e') void goto(editHref);
    if (!plant?.slip) return;
    if (key === 'i') void goto(inspectHref);
    if (key === 'w') asking = true;
    if (key === 'r') void goto(repotHref);
  }
</script>

<svelte:head><title>{plant?.name ?? 'Plant'} · Mellow Almanac</title></svelte:head>
<svelte:window onkeydown={keys} />

<Waiting {query}>
  {#if plant}
    <PlantHead {plant} {asking} ask={() => (asking ? stopAsking() : (asking = true))} />

    {#if plant.nowOrHold}
      <NowOrHold {plant} asked={plant.nowOrHold} />
    {/if}

    <div class="columns" class:asking>
      <div class="verdict">
        {#if plant.slip}
          <VerdictSlip
            treatment={plant.treatment}
            trials={plant.trials}
            slip={supposed ?? plant.slip}
            supposed={supposed !== undefined}
            {titles}
            check={supposed ? undefined : plant.checks[0]}
            {inspectHref}
            photos={photos.data ?? []}
          />
          {#if !supposed}<OnPlant plantId={id} today={plant.today} />{/if}
          <MonthsAhead plantId={id} today={plant.today} />
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

      <Signs {plant} />

      <div class="right">
        <Medium {plant} />
        <PlantCard {plant} />
        <Part name="the photographs"><Photos plantId={plant.id} today={plant.today} /></Part>
        <Part name="the journal"><Journal {plant} /></Part>
      </div>
    </div>
  {/if}
</Waiting>

<style>
  .columns {
    display: grid;
    grid-template-columns: 368px minmax(0, 1fr) 300px;
    gap: 16px;
    align-items: start;
  }
  .columns.asking {
    grid-template-columns: 368px minmax(0, 1fr);
  }
  .columns.asking :global(.middle),
  .columns.asking .right {
    display: none;
  }
  .verdict {
    display: grid;
    gap: 16px;
    min-width: 0;
  }
  .right {
    display: grid;
    gap: 16px;
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
  }
</style>
