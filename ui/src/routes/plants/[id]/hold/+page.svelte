<script lang="ts">
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { bounds, plantPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { optional } from '$lib/words/numbers';
  import Pen from '$lib/holding/Pen.svelte';
  import SoakFollows from '$lib/holding/SoakFollows.svelte';
  import { ring, Soaking } from '$lib/holding/soaking.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const drawnBy = bounds();
  const plant = $derived(query.data);
  const today = $derived(plant?.today ?? '');
  const soaks = $derived(drawnBy.data?.soaks);
  const minutes = $derived(soaks?.minutes);

  let inPh = $state('');
  let outPh = $state('');
  const saving = new Saving();
  const problem = $derived(saving.problem);
  const soaking = $derived(new Soaking(id, () => minutes));

  $effect(() => {
    const clock = soaking;
    const timer = setInterval(() => {
      if (clock.tick()) ring();
    }, 1000);
    return () => clearInterval(timer);
  });

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const measured = (typed: string) => ({ answers: [], measured: optional(typed) });
    const looks = {
      ...(inPh.trim() ? { soakIn: measured(inPh) } : {}),
      soakPh: measured(outPh),
    };
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/inspections', {
          params: { path: { id } },
          headers,
          body: { on: today, looks, note: '', corrects: null },
        }),
      ),
    );
    if (!result) return;
    soaking.end();
    inPh = '';
    outPh = '';
    saved(client, 'Soak test kept', result);
  }
</script>

<svelte:head><title>Soak test {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && soaks}
    <div class="page-head">
      <h1>{plant.name}</h1>
      <span class="quiet">soak test of the pot it stands in</span>
      <a class="link" href="/plants/{id}">Back to the plant</a>
    </div>
    <div class="columns">
      <form class="sheet" onsubmit={save} novalidate>
        <FormHead {problem} fields={['looks.soakIn', 'looks.soakPh']} />
        <ol>
          <li>
            <h2>Plain water</h2>
            <p class="quiet">Measure the water before the pot goes in.</p>
            <Pen
              label="Water before"
              plantId={id}
              water="PLAIN"
              fault={faultOf(problem, 'looks.soakIn')}
              bind:value={inPh}
            />
          </li>
          <li>
            <h2>Soak for {minutes} minutes</h2>
            {#if soaking.left === undefined}
              <button type="button" class="act" onclick={() => soaking.start()}
                >The pot is in</button
              >
            {:else}
              <p class="clock" role="timer">{soaking.left ? soaking.clock : 'Time to read it.'}</p>
              <p class="quiet">The clock goes on if you leave the page.</p>
            {/if}
          </li>
          <li>
            <h2>What comes back</h2>
            <p class="quiet">The lowest reading once the pen has settled.</p>
            <Pen
              label="Soak water"
              plantId={id}
              water="SOAK"
              fault={faultOf(problem, 'looks.soakPh')}
              bind:value={outPh}
            />
          </li>
        </ol>
        <button class="act go" disabled={!outPh.trim()}>Keep the test</button>
      </form>
      <SoakFollows {plant} {soaks} {today} />
    </div>
  {/if}
</Waiting>

<style>
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 460px) minmax(0, 1fr);
    gap: 16px;
    align-items: start;
  }
  ol {
    margin: 0 0 14px;
    display: grid;
    gap: 18px;
  }
  .clock {
    font: 520 34px var(--font-serif);
    font-variant-numeric: tabular-nums;
  }
  @media (max-width: 820px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
