<script lang="ts">
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem } from '$lib/api/client';
  import { plantPage, rulesPage } from '$lib/api/queries';
  import SoakChart from '$lib/drawings/SoakChart.svelte';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import FormFault from '$lib/forms/FormFault.svelte';
  import { optional } from '$lib/forms/numbers';
  import Pen from '$lib/holding/Pen.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const rules = rulesPage();
  const plant = $derived(query.data);
  const today = $derived(plant?.today ?? '');
  const figures = $derived(
    new Map(
      (rules.data ?? [])
        .flatMap((chapter) => chapter.figures)
        .map((each) => [each.key, each.own ?? each.standard]),
    ),
  );
  /** A figure of the rules in force; the page is drawn once they are there. */
  const figure = $derived((key: string): number => figures.get(key)!);
  const minutes = $derived(figures.get('hold.soak-minutes'));

  let inPh = $state('');
  let outPh = $state('');
  let problem = $state<Problem>();
  let now = $state(Date.now());
  const STORE = $derived(`almanac.soak.${id}`);
  /** When the pot went into the water; kept in the browser, so that the clock goes on. */
  let since = $state<number>();

  $effect(() => {
    since = Number(localStorage.getItem(STORE)) || undefined;
    const timer = setInterval(() => (now = Date.now()), 1000);
    return () => clearInterval(timer);
  });

  const left = $derived(since && minutes ? Math.max(0, since + minutes * 60_000 - now) : undefined);
  let rung = false;
  $effect(() => {
    if (left === 0 && !rung) {
      rung = true;
      ring();
    }
  });

  function ring() {
    try {
      const sound = new AudioContext();
      const tone = sound.createOscillator();
      tone.connect(sound.destination);
      tone.start();
      tone.stop(sound.currentTime + 0.6);
    } catch {
      // A browser without sound shows the clock all the same.
    }
  }

  function start() {
    since = Date.now();
    rung = false;
    localStorage.setItem(STORE, String(since));
  }

  function clock(milliseconds: number): string {
    const seconds = Math.round(milliseconds / 1000);
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    problem = undefined;
    try {
      const measured = (typed: string) => ({ answers: [], measured: optional(typed) });
      const result = await answered(
        api.POST('/api/plants/{id}/inspections', {
          params: { path: { id } },
          body: {
            on: today,
            looks: {
              ...(inPh.trim() ? { soakIn: measured(inPh) } : {}),
              soakPh: measured(outPh),
            },
            note: '',
            corrects: null,
          },
        }),
      );
      localStorage.removeItem(STORE);
      since = undefined;
      inPh = '';
      outPh = '';
      saved(client, 'Soak test kept', result);
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    }
  }
</script>

<svelte:head><title>Soak test {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && rules.data}
    <div class="top">
      <h1>{plant.name}</h1>
      <span class="quiet">soak test of the pot it stands in</span>
      <a class="link" href="/plants/{id}">Back to the plant</a>
    </div>
    <div class="columns">
      <form class="sheet" onsubmit={save} novalidate>
        <FormFault sentence={otherFaults(problem, ['looks.soakIn', 'looks.soakPh'])} />
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
            {#if left === undefined}
              <button type="button" class="act" onclick={start}>The pot is in</button>
            {:else}
              <p class="clock" role="timer">{left ? clock(left) : 'Time to read it.'}</p>
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
      <section class="sheet" aria-labelledby="so">
        <h2 id="so">What follows</h2>
        {#if plant.holding}
          <p><Sentence parts={plant.holding.advice} {today} /></p>
          {#if plant.holding.soaks.length}
            <SoakChart
              soaks={plant.holding.soaks}
              {today}
              usualFrom={figure('hold.as-usual-from')}
              raisedFrom={figure('hold.raised-from')}
            />
            <table>
              <thead><tr><th>day</th><th>in</th><th>out</th><th>drop</th></tr></thead>
              <tbody>
                {#each plant.holding.soaks as soak, i (i)}
                  <tr>
                    <td>{short(soak.on, today)}</td>
                    <td>{soak.in ?? '–'}</td>
                    <td>{soak.out}</td>
                    <td>{soak.drop == null ? '–' : soak.drop.toFixed(1)}</td>
                  </tr>
                {/each}
              </tbody>
            </table>
          {/if}
          <p class="quiet">
            {plant.holding.next < today ? 'Next soak was due' : 'Next soak'}
            {short(plant.holding.next, today)}. Holding ends by itself on the day bumps or nubs are
            seen.
          </p>
        {:else}
          <p class="quiet">
            It is not held in the pot it came in; the test is kept all the same. Holding is set on
            its <a class="link" href="/plants/{id}/edit">card</a>.
          </p>
        {/if}
        <p class="quiet">
          Never feed above pH {figure('hold.feed-most')}. pH solutions burn: gloves and eye
          protection, as their label says.
        </p>
      </section>
    </div>
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
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 460px) minmax(0, 1fr);
    gap: 16px;
    align-items: start;
  }
  ol {
    list-style: none;
    padding: 0;
    margin: 0 0 14px;
    display: grid;
    gap: 18px;
  }
  .clock {
    font: 520 34px var(--font-serif);
    font-variant-numeric: tabular-nums;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    margin: 10px 0;
  }
  th,
  td {
    text-align: left;
    padding: 4px 8px 4px 0;
    border-bottom: 1px solid var(--color-rule);
    font-weight: 400;
  }
  th {
    color: var(--color-ink-2);
    font-size: 13.5px;
  }
  @media (max-width: 820px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
