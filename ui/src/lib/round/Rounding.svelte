<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { tick, untrack } from 'svelte';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { choices, plantPage, prefetchPlant } from '$lib/api/queries';
  import { looked, type TypedLook } from '$lib/forms/LookRow.svelte';
  import { sendPhoto } from '$lib/photos/send';
  import { startHere } from '$lib/shell/start';
  import { failed, takeBack, toaster } from '$lib/shell/toaster';
  import { measuredIn } from '$lib/words/units.svelte';
  import { ago, daysBetween } from '$lib/words/dates';
  import Letters from './Letters.svelte';
  import { outbox } from './outbox.svelte';
  import RoundActs from './RoundActs.svelte';
  import RoundDone from './RoundDone.svelte';
  import RoundRow from './RoundRow.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import SlipNow from './SlipNow.svelte';
  import StopList from './StopList.svelte';
  import { round } from './walk.svelte';

  /** So many plants are looked up before they are come to, in case the program falls silent. */
  const AHEAD = 12;
  const client = useQueryClient();
  const options = choices();
  const walk = $derived(round.now!);
  const stop = $derived(walk.stops[walk.at]);
  const page = plantPage(() => stop?.plantId ?? 0);
  const plant = $derived(stop && page.data?.id === stop.plantId ? page.data : undefined);
  const today = $derived(plant?.today ?? '');

  let row = $state(0);
  let would = $state<Schemas['WouldBe']>();
  let problem = $state<Problem>();
  let tappedSince = $state('');
  let newest = 0;
  const rows: Record<string, RoundRow> = $state({});

  const shown = $derived(
    walk.items
      .map((item) => options.data?.looks.find((look) => look.item === item))
      .filter((look) => look !== undefined),
  );
  const slip = $derived(would?.slip ?? plant?.slip ?? undefined);
  const deciding = $derived(slip?.deciding[0]);
  const decidingChoice = $derived(
    options.data?.looks.find((look) => look.item === deciding?.item.split('/')[0]),
  );
  const asked = $derived(
    Object.entries(walk.looks)
      .filter(([, look]) => looked(look))
      .map(([spot, look]) => [
        spot,
        {
          answers: look.answers,
          measured: look.measured.trim() === '' ? null : measuredIn(look.measured, unit(spot)),
        },
      ]),
  );
  const body = $derived(JSON.stringify(Object.fromEntries(asked)));

  function unit(spot: string): string | undefined {
    return options.data?.looks.find((look) => look.item === spot.split('/')[0])?.measure?.unit;
  }

  function look(item: string): TypedLook {
    return walk.looks[item] ?? { answers: [], measured: '' };
  }

  function setLook(item: string, value: TypedLook) {
    walk.looks[item] = value;
  }

  function last(item: string): Schemas['LookEntry'] | undefined {
    return plant?.journal.find((line) => line.standing === 'HOLDS' && line.looks[item])?.looks[
      item
    ];
  }

  $effect(() => {
    if (options.data) untrack(() => round.retype(unit));
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

  $effect(() => {
    const wanted = body;
    const id = stop?.plantId;
    if (!id || wanted === '{}') {
      newest++;
      would = undefined;
      problem = undefined;
      return;
    }
    const timer = setTimeout(() => void judge(id, wanted), 150);
    return () => clearTimeout(timer);
  });

  async function judge(id: number, wanted: string) {
    const mine = ++newest;
    try {
      const answer = await answered(
        api.POST('/api/plants/{id}/what-if', {
          params: { path: { id } },
          body: { looks: JSON.parse(wanted), figures: {} },
        }),
      );
      if (mine === newest) {
        would = answer;
        problem = undefined;
      }
    } catch (failure) {
      if (mine === newest) {
        would = undefined;
        problem = failure instanceof Problem ? failure : new Problem(String(failure));
      }
    }
  }

  function tapped(title: string) {
    walk.taps++;
    tappedSince = title;
  }

  /** All that was looked at last time, looked at again; lengths are not, since roots grow. */
  function same() {
    walk.taps++;
    const before = plant?.journal.find(
      (line) => line.standing === 'HOLDS' && line.kind === 'INSPECTION',
    );
    for (const item of walk.items) {
      const known = before?.looks[item];
      if (known?.answers.length && !looked(look(item)))
        walk.looks[item] = { answers: [...known.answers], measured: '' };
    }
    tappedSince = 'same as last time';
  }

  /** From the list the work goes on at the plant: Enter and digits answer its rows. */
  async function jump(at: number) {
    go(at);
    await tick();
    startHere(document.getElementById('plant'));
  }

  function go(at: number) {
    walk.at = Math.max(0, Math.min(walk.stops.length, at));
    walk.looks = {};
    would = undefined;
    tappedSince = '';
    row = 0;
    window.scrollTo({ top: 0 });
  }

  function next() {
    if (!stop || !plant || problem?.faults.length) return;
    walk.taps++;
    walk.left[stop.plantId] = asked.length
      ? outbox.put(client, stop.plantId, stop.name, {
          on: today,
          looks: Object.fromEntries(asked),
          note: '',
          corrects: null,
        })
      : 'passed';
    go(walk.at + 1);
  }

  /** Back to the plant before, and what was written of it is taken back. */
  async function undo() {
    if (walk.at === 0) return;
    const before = walk.stops[walk.at - 1]!;
    const key = walk.left[before.plantId];
    delete walk.left[before.plantId];
    go(walk.at - 1);
    if (!key || key === 'passed' || outbox.recall(key)) return;
    const sent = outbox.arrived.find((each) => each.key === key);
    if (sent) await takeBack(client, sent.act);
  }

  async function pullAside() {
    if (!stop) return;
    walk.taps++;
    const pulled = stop;
    const aside = pulled.asideOn == null;
    try {
      await answered(api.PUT('/api/aside', { body: { plants: [pulled.plantId], aside } }));
      pulled.asideOn = aside ? today : null;
    } catch (failure) {
      failed(failure);
      return;
    }
    void client.invalidateQueries({ queryKey: ['plant', pulled.plantId] });
    void client.invalidateQueries({ queryKey: ['plants'] });
  }

  /** A picture goes off at once; it stands with the look of its day. */
  async function photograph(files: FileList | null) {
    if (!stop) return;
    const { plantId, name } = stop;
    for (const file of files ?? []) {
      try {
        await sendPhoto(plantId, file);
        toaster.success({ title: `Picture of ${name} kept`, duration: 4000 });
      } catch (failure) {
        failed(failure);
      }
    }
    void client.invalidateQueries({ queryKey: ['photos', plantId] });
  }

  function keys(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey || !stop) return;
    const typing = event.target instanceof HTMLInputElement;
    if (event.key === 'Enter' && !(event.target instanceof HTMLButtonElement)) {
      event.preventDefault();
      if (typing) (event.target as HTMLInputElement).blur();
      next();
    } else if (typing) return;
    else if (event.key === '=') same();
    else if (event.key === 'p') void pullAside();
    else if (event.key === 'u') void undo();
    else if (event.key === 'ArrowDown') row = Math.min(shown.length - 1, row + 1);
    else if (event.key === 'ArrowUp') row = Math.max(0, row - 1);
    else if (/^[1-9]$/.test(event.key)) {
      const choice = shown[row];
      const answer = choice?.answers[Number(event.key) - 1];
      if (!choice || !answer) return;
      rows[choice.item]?.pick(answer.answer);
      if (!choice.several) row = Math.min(shown.length - 1, row + 1);
    } else return;
    if (event.key.startsWith('Arrow')) event.preventDefault();
  }
</script>

<svelte:window onkeydown={keys} />

{#if !stop}
  <RoundDone back={() => go(walk.stops.length - 1)} />
{:else}
  <div class="round">
    <StopList go={jump} />

    <section class="sheet rows" aria-labelledby="plant">
      <div class="head">
        <h1 id="plant">{stop.name}</h1>
        <span class="quiet">
          {stop.number} · {stop.placeName} · {walk.at + 1} of {walk.stops.length} ·
          {stop.lastSeen && today
            ? `last seen ${ago(daysBetween(stop.lastSeen, today))}; dashed = as then`
            : 'not looked at yet'}
        </span>
      </div>
      {#each shown as choice, i (choice.item)}
        <RoundRow
          {choice}
          last={last(choice.item)}
          current={i === row}
          tapped={() => tapped(choice.title)}
          bind:this={rows[choice.item]}
          bind:look={() => look(choice.item), (value) => setLook(choice.item, value)}
        />
      {/each}
      <p class="said" aria-live="polite">
        {#if problem}<span class="fault">{problem.message}</span>
        {:else if would?.words.length}“<Sentence
            parts={would.words}
            today={would.slip.judgedOn}
          />.”{/if}
      </p>
    </section>

    <div class="side">
      {#if slip}
        <SlipNow
          {slip}
          {today}
          changedBy={would && plant && would.slip.verdict !== plant.slip?.verdict
            ? tappedSince
            : undefined}
        />
      {:else}
        <p class="quiet" role="status">Looking it up…</p>
      {/if}
      {#if deciding && decidingChoice}
        <section class="sheet" aria-label="The deciding look">
          <b>One look would settle it</b>
          <p>{deciding.title}{deciding.how ? `: ${deciding.how.toLowerCase()}` : ''}</p>
          <div class="quick">
            {#each decidingChoice.answers as each (each.answer)}
              <button
                type="button"
                class="act small"
                onclick={() => {
                  tapped(deciding.title);
                  setLook(deciding.item, { answers: [each.answer], measured: '' });
                }}>{each.words}</button
              >
            {/each}
          </div>
        </section>
      {/if}
      <div class="letters"><Letters /></div>
      <RoundActs
        aside={stop.asideOn != null}
        begun={walk.at > 0}
        ready={plant !== undefined}
        looked={asked.length > 0}
        {same}
        pullAside={() => void pullAside()}
        photograph={(files) => void photograph(files)}
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
  .rows {
    padding: 14px 18px;
  }
  .head h1 {
    font-size: 26px;
    overflow-wrap: anywhere;
  }
  .said {
    min-height: 52px;
    margin: 12px 0 0;
    font: 480 17px/1.45 var(--font-serif);
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
  .quick {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-top: 8px;
  }
  .quick .act {
    min-height: 44px;
  }
  .fault {
    color: var(--color-clay);
    font-weight: 600;
    font-size: 14.5px;
    font-family: var(--font-sans);
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
