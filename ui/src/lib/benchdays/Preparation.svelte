<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { keepReady } from '$lib/api/queries';
  import FormFault from '$lib/forms/FormFault.svelte';
  import { timeSaid } from '$lib/words/minutes';
  import { count } from '$lib/words/counts';
  import Sentence from '$lib/words/Sentence.svelte';
  import { volumeSaid } from '$lib/words/units.svelte';
  import Lacking from './Lacking.svelte';
  import { Ticks } from './ticks.svelte';
  import ToTick from './ToTick.svelte';

  interface Props {
    ready: Schemas['Preparation'];
    today: string;
  }
  const { ready, today }: Props = $props();
  const client = useQueryClient();
  const ticks = new Ticks(
    () => ready.ready,
    async (thing, done) => {
      const { on } = ready;
      const path = { params: { path: { on } }, body: { thing, ready: done } };
      await answered(api.PUT('/api/bench-days/{on}/preparation/ready', path));
      keepReady(client, on, thing, done);
    },
  );
  const before = $derived(ready.plants.filter((plant) => plant.before));
</script>

<FormFault sentence={ticks.problem?.message} />
<div class="ready">
  <section class="sheet" aria-labelledby="before">
    <h2 id="before">On the days before</h2>
    <ul>
      {#each before as plant (plant.plantId)}
        <ToTick {ticks} thing="before {plant.plantId}">
          <b>{plant.name}</b>, {plant.placeName}: <Sentence parts={plant.before ?? []} {today} />
        </ToTick>
      {:else}
        <li class="quiet">Nothing: they are taken as they stand.</li>
      {/each}
    </ul>
  </section>
  <section class="sheet" aria-labelledby="buy">
    <h2 id="buy">To buy</h2>
    <ul>
      {#each ready.needs.lacking as lack, i (i)}
        <ToTick {ticks} thing="buy {lack.what.map(({ text }) => text).join('')}">
          <Lacking {lack} {today} />
        </ToTick>
      {:else}
        <li class="quiet">Nothing runs short.</li>
      {/each}
    </ul>
  </section>
  <section class="sheet" aria-labelledby="mix">
    <h2 id="mix">To mix</h2>
    <ul>
      {#each ready.needs.mixes as mix (mix.mix)}
        <ToTick {ticks} thing="mix {mix.mix}">
          <b>{volumeSaid(mix.fill.mixMl)}</b> of {mix.mix}, for {count(mix.pots, 'pot')}: {mix.fill
            .measured}
        </ToTick>
      {:else}
        <li class="quiet">No pot was measured yet, so nobody knows how much.</li>
      {/each}
    </ul>
    <p class="caution">
      Wet dry bark, perlite and pumice before you pour them; a mask against dust.
    </p>
  </section>
  <section class="sheet" aria-labelledby="hand">
    <h2 id="hand">At hand, easily forgotten</h2>
    <ul>
      <ToTick {ticks} thing="blades"
        >{count(ready.blades, 'sterile blade')}, one for each plant</ToTick
      >
      <ToTick {ticks} thing="gloves">gloves, and eye protection where a pot is broken</ToTick>
      {#each ready.needs.atHand.filter((thing) => thing !== 'a sterile blade') as thing (thing)}
        <ToTick {ticks} {thing}>{thing}</ToTick>
      {/each}
    </ul>
  </section>
  <section class="sheet" aria-labelledby="tags">
    <h2 id="tags">Tags written beforehand, in the order of the work</h2>
    <ul>
      {#each ready.plants as plant (plant.plantId)}
        <ToTick {ticks} thing="tag {plant.plantId}">
          <b>{plant.name}</b> <span class="quiet">{plant.number}</span>, {ready.on}{plant.mix
            ? `, ${plant.mix}`
            : ''}
          <span class="quiet">· {plant.title}, {timeSaid(plant.minutes)}</span>
        </ToTick>
      {/each}
    </ul>
  </section>
</div>

<style>
  .ready {
    columns: 2 420px;
    column-gap: 16px;
  }
  section {
    break-inside: avoid;
    margin-bottom: 14px;
  }
  h2 {
    margin: 0 0 4px;
  }
  .caution {
    margin: 8px 0 0;
    color: var(--color-ochre);
  }
</style>
