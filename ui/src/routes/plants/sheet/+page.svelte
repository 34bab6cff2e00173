<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { goto } from '$app/navigation';
  import { answered, api } from '$lib/api/client';
  import { everything } from '$lib/api/keys';
  import { choices, placeList } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import { takeBack, undoable } from '$lib/shell/toaster';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Asked from '$lib/sheet/AskedOfSheet.svelte';
  import ChooseFile from '$lib/sheet/ChooseFile.svelte';
  import Columns from '$lib/sheet/Columns.svelte';
  import Doubts from '$lib/sheet/Doubts.svelte';
  import Faults from '$lib/sheet/Faults.svelte';
  import FirstPlants from '$lib/sheet/FirstPlants.svelte';
  import Kinds from '$lib/sheet/Kinds.svelte';
  import Places from '$lib/sheet/Places.svelte';
  import { Understanding } from '$lib/sheet/understanding.svelte';
  import { count } from '$lib/words/counts';

  const client = useQueryClient();
  const options = choices();
  const places = placeList();
  const list = new Understanding();
  const saving = new Saving();

  const say = (change: Parameters<typeof list.say>[0]) => list.say(change);
  const nameless = $derived(
    list.said && !list.said.columns.some((each) => each === 'LABEL' || each === 'GENUS'),
  );
  const wrong = $derived(saving.problem ?? list.problem);

  async function bring() {
    const { view, said } = list;
    if (!view || !said) return;
    const brought = await saving.save((headers) =>
      answered(
        api.POST('/api/sheets/{uid}', { headers, params: { path: { uid: view.uid } }, body: said }),
      ),
    );
    if (!brought) return;
    await everything(client);
    await goto('/plants');
    undoable(`${count(brought.plants, 'plant')} brought in from ${view.name}`, () =>
      takeBack(client, brought.act),
    );
  }
</script>

<svelte:head><title>Bring in a list · Mellow Almanac</title></svelte:head>

<h1>Bring in a list</h1>
{#if list.view && list.said}
  <div class="top">
    <p>
      <b>{list.view.name}</b>, {count(list.view.rows, 'row')}
      <button type="button" class="link" onclick={() => list.leave()}>Another file</button>
    </p>
    {#if list.reading && !nameless}
      <button
        type="button"
        class="act go"
        disabled={saving.busy || list.busy || list.reading.faulty > 0 || !list.reading.plants}
        onclick={bring}
      >
        {saving.busy ? 'Bringing them in…' : `Bring in ${count(list.reading.plants, 'plant')}`}
      </button>
      <span class="quiet" role="status">
        {#if list.busy}Reading it through…{:else if list.reading.faulty}{count(
            list.reading.faulty,
            'cell',
          )} to put right first{:else}All in one act, which can be undone{/if}
      </span>
    {/if}
  </div>
  <FormFault sentence={wrong?.faults[0]?.sentence ?? wrong?.message} />
  <div class="parts">
    {#if nameless}
      <p class="fault" role="alert">Say which column holds the name of the plant.</p>
    {:else if list.reading}
      <Faults view={list.view} reading={list.reading} said={list.said} {say} />
    {/if}
    <Columns view={list.view} said={list.said} {say} />
    {#if list.reading && !nameless}
      <Waiting query={options}>
        <div class="two">
          <Kinds kinds={options.data?.kinds ?? []} reading={list.reading} said={list.said} {say} />
          <div class="stack">
            <Asked reading={list.reading} said={list.said} {say} />
            <Places places={places.data ?? []} reading={list.reading} said={list.said} {say} />
          </div>
        </div>
      </Waiting>
      <Doubts view={list.view} reading={list.reading} />
      <FirstPlants reading={list.reading} />
    {/if}
  </div>
{:else}
  <FormFault sentence={wrong?.faults[0]?.sentence ?? wrong?.message} />
  <ChooseFile busy={list.busy} open={(file) => list.open(file)} />
{/if}

<style>
  h1 {
    margin: 0 0 14px;
  }
  .top {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
    align-items: center;
    margin-bottom: 14px;
  }
  .top p {
    margin: 0;
  }
  .parts,
  .stack {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
    align-content: start;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
    gap: 16px;
    align-items: start;
  }
</style>
