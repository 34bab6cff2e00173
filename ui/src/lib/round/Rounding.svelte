<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { tick, untrack } from 'svelte';
  import { choices, plantPage, prefetchGuide, prefetchPlant } from '$lib/api/queries';
  import { startHere } from '$lib/forms/start';
  import { AtPlant } from './atPlant.svelte';
  import JudgedNow from './JudgedNow.svelte';
  import { roundKeys } from './roundKeys';
  import Letters from './Letters.svelte';
  import RoundActs from './RoundActs.svelte';
  import RoundDone from './RoundDone.svelte';
  import RoundRows from './RoundRows.svelte';
  import StopList from './StopList.svelte';
  import { round } from './walk.svelte';

  /** So many plants are looked up ahead, in case the program falls silent. */
  const AHEAD = 12;
  const client = useQueryClient();
  const options = choices();
  prefetchGuide(client);
  const walk = $derived(round.now!);
  const stop = $derived(walk.stops[walk.at]);
  const page = plantPage(() => stop?.plantId ?? 0);
  const plant = $derived(stop && page.data?.id === stop.plantId ? page.data : undefined);
  const today = $derived(plant?.today ?? '');
  const here = new AtPlant(
    () => walk,
    () => options.data?.looks ?? [],
    () => plant,
  );
  let rows = $state<RoundRows>();

  $effect(() => {
    if (options.data) untrack(() => round.retype(options.data!.looks));
  });

  $effect(() => {
    JSON.stringify(walk);
    round.store();
  });
  $effect(() => {
    const next = walk.at + 1;
    untrack(() => {
      for (const each of walk.stops.slice(next, next + AHEAD)) prefetchPlant(client, each.plantId);
    });
  });

  $effect(() => here.judge());

  function go(at: number) {
    here.go(at);
    window.scrollTo({ top: 0 });
  }

  /** From the list the work goes on at the plant: Enter and digits answer its rows. */
  async function jump(at: number) {
    go(at);
    await tick();
    startHere(document.getElementById('plant'));
  }

  function next() {
    if (here.next(client)) window.scrollTo({ top: 0 });
  }

  async function undo() {
    await here.undo(client);
    window.scrollTo({ top: 0 });
  }

  function keys(event: KeyboardEvent) {
    if (!stop) return;
    roundKeys(event, here, {
      next,
      undo: () => void undo(),
      pullAside: () => here.pullAside(client),
      pick: (item, answer) => rows?.pick(item, answer),
    });
  }
</script>

<svelte:window onkeydown={keys} />

{#if !stop}
  <RoundDone back={() => go(walk.stops.length - 1)} />
{:else}
  <div class="round">
    <StopList go={jump} />
    <RoundRows {here} {stop} {today} turn="{walk.at + 1} of {walk.stops.length}" bind:this={rows} />
    <div class="side">
      <JudgedNow {here} {plant} {today} looks={options.data?.looks ?? []} />
      <div class="letters"><Letters /></div>
      <RoundActs
        begun={walk.at > 0}
        ready={plant !== undefined}
        looked={here.answered}
        same={() => here.same()}
        pullAside={() => here.pullAside(client)}
        {stop}
        undo={() => void undo()}
        {next}
      />
    </div>
  </div>
{/if}

<style>
  .round {
    display: grid;
    grid-template-columns: 186px minmax(0, 1fr) 280px;
    gap: 16px;
    align-items: start;
  }
  .side {
    display: grid;
    gap: 12px;
    position: sticky;
    top: 12px;
  }
  .letters {
    display: grid;
    gap: 8px;
  }
  .letters:empty {
    display: none;
  }
  @media (max-width: 1100px) {
    .round {
      grid-template-columns: minmax(0, 1fr) 280px;
    }
  }
  @media (max-width: 700px) {
    /* What is focused does not lie under the acts and the places at the foot. */
    :global(html:has(.round)) {
      scroll-padding-bottom: 250px;
    }
    .round {
      grid-template-columns: minmax(0, 1fr);
      padding-bottom: 130px;
    }
    .side {
      display: contents;
    }
    .letters {
      order: -2;
    }
  }
</style>
