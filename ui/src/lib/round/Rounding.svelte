<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { onMount, untrack } from 'svelte';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { choices, plantPage, prefetchPlant } from '$lib/api/queries';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { looked, type TypedLook } from '$lib/forms/LookRow.svelte';
  import { sendPhoto } from '$lib/photos/send';
  import { failed, takeBack, toaster } from '$lib/shell/toaster';
  import { measuredIn } from '$lib/words/units.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { ago, daysBetween, short } from '$lib/words/dates';
  import { outbox } from './outbox.svelte';
  import RoundRow from './RoundRow.svelte';
  import { round } from './walk.svelte';

  /** So many plants are looked up before they are come to, in case the program falls silent. */
  const AHEAD = 12;
  const client = useQueryClient();
  const options = choices();
  const walk = $derived(round.now!);
  const stop = $derived(walk.stops[walk.at]);
  const page = plantPage(() => stop?.plantId ?? 0);
  const plant = $derived(stop && page.data?.id === stop.plantId ? page.data : undefined);
  const today = $derived(plant?.slip.judgedOn ?? '');

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
  const slip = $derived(would?.slip ?? plant?.slip);
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

  onMount(() => {
    void outbox.send(client);
    const online = () => void outbox.send(client);
    window.addEventListener('online', online);
    return () => window.removeEventListener('online', online);
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
    if (sent) await takeBack(client, sent.entryId);
  }

  async function pullAside() {
    if (!stop) return;
    walk.taps++;
    const aside = stop.asideOn == null;
    stop.asideOn = aside ? today : null;
    await api.PUT('/api/aside', { body: { plants: [stop.plantId], aside } });
    void client.invalidateQueries({ queryKey: ['plant', stop.plantId] });
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

  const seen = $derived(Object.values(walk.left).filter((key) => key !== 'passed').length);
  const minutes = $derived((Date.now() - walk.startedAt) / 60_000);
</script>

<svelte:window onkeydown={keys} />

{#if !stop}
  <section class="sheet done">
    <h1>The round is done</h1>
    <p>
      {seen} of {walk.stops.length} plants looked at{walk.stops.length
        ? `, ${((minutes * 60) / walk.stops.length).toFixed(0)} seconds and ${(walk.taps / walk.stops.length).toFixed(1)} taps each`
        : ''}.
    </p>
    {#if outbox.letters.length}
      <p role="status">
        {outbox.letters.length === 1 ? 'One look is' : `${outbox.letters.length} looks are`} still on
        their way.
      </p>
    {/if}
    <button class="act go" onclick={() => round.end()}>Put it away</button>
    <button class="act" onclick={() => go(walk.stops.length - 1)}>Back to the last plant</button>
  </section>
{:else}
  <div class="round">
    <nav class="sheet stops" aria-label="Plants of this round">
      <h2>{walk.title}</h2>
      <p class="quiet">{walk.at} of {walk.stops.length} seen</p>
      <ol>
        {#each walk.stops as each, i (each.plantId)}
          {#if Math.abs(i - walk.at) < 40}
            <li>
              <button
                type="button"
                aria-current={i === walk.at ? 'step' : undefined}
                onclick={() => go(i)}
              >
                <span class="tick" aria-hidden="true">{walk.left[each.plantId] ? '✓' : ''}</span>
                <span>{each.name}</span>
                <VerdictMark verdict={each.verdict} size={15} />
              </button>
            </li>
          {/if}
        {/each}
      </ol>
      <button type="button" class="link" onclick={() => round.end()}>End the round</button>
    </nav>

    <section class="sheet rows" aria-labelledby="plant">
      <div class="head">
        <h1 id="plant">{stop.name}</h1>
        <span class="quiet">
          {stop.number} · {stop.benchName} · {walk.at + 1} of {walk.stops.length} ·
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
        {:else if would?.words}“{would.words}.”{/if}
      </p>
    </section>

    <div class="side">
      {#if slip}
        <section class="slip" aria-labelledby="asitstands" aria-live="polite">
          <p class="quiet" id="asitstands">as it stands</p>
          <h2><VerdictMark verdict={slip.verdict} size={24} /> {slip.title}</h2>
          <p><Sentence parts={slip.advice} {today} /></p>
          {#if would && plant && would.slip.verdict !== plant.slip.verdict}
            <p class="changed"><b>Changed</b> since you tapped “{tappedSince}”.</p>
          {/if}
          {#if slip.care.length}<p class="care">{slip.care[0]}</p>{/if}
        </section>
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
      {#if outbox.unreachable || outbox.letters.length > 1}
        <p class="waiting" role="status">
          {outbox.letters.length === 1 ? 'One look waits' : `${outbox.letters.length} looks wait`} here
          until the program answers; nothing is lost.
        </p>
      {/if}
      {#each outbox.returned as each (each.letter.key)}
        <p class="fault" role="alert">{each.letter.name}: {each.sentence}</p>
      {/each}
      <div class="acts">
        <button type="button" class="act" onclick={same}
          >Same as last time <span class="kbd-hint" aria-hidden="true">=</span></button
        >
        <button
          type="button"
          class="act"
          aria-pressed={stop.asideOn != null}
          onclick={() => void pullAside()}
          >{stop.asideOn ? 'Aside for the bench' : 'Pull aside'}
          <span class="kbd-hint" aria-hidden="true">P</span></button
        >
        <label class="act photo">
          Photograph
          <input
            type="file"
            accept="image/*"
            capture="environment"
            class="sr-only"
            onchange={(event) => void photograph(event.currentTarget.files)}
          />
        </label>
        <button type="button" class="act" disabled={walk.at === 0} onclick={() => void undo()}
          >Undo <span class="kbd-hint" aria-hidden="true">U</span></button
        >
        <button type="button" class="act go next" disabled={!plant} onclick={next}
          >{asked.length ? 'Next plant' : 'Pass by'}
          <span class="kbd-hint" aria-hidden="true">↵</span></button
        >
        <p class="quiet hint">
          <span class="kbd-hint" aria-hidden="true">1</span>–<span
            class="kbd-hint"
            aria-hidden="true">9</span
          >
          answer ·
          <span class="kbd-hint" aria-hidden="true">↑</span><span
            class="kbd-hint"
            aria-hidden="true">↓</span
          >
          row
          {#if stop.lastSeen && today}· last look {short(stop.lastSeen, today)}{/if}
        </p>
      </div>
    </div>
  </div>
{/if}

<style>
  .done {
    display: grid;
    gap: 12px;
    justify-items: start;
    max-width: 520px;
  }
  .round {
    display: grid;
    grid-template-columns: 186px minmax(0, 1fr) 280px;
    gap: 16px;
    align-items: start;
  }
  .stops {
    position: sticky;
    top: 12px;
    max-height: calc(100vh - 24px);
    overflow: auto;
    padding: 14px 0;
  }
  .stops h2,
  .stops p,
  .stops > .link {
    margin: 0 14px 4px;
  }
  ol {
    list-style: none;
    padding: 0;
    margin: 6px 0;
  }
  .stops li button {
    display: grid;
    grid-template-columns: 16px minmax(0, 1fr) 16px;
    gap: 6px;
    align-items: center;
    width: 100%;
    min-height: 40px;
    padding: 4px 12px;
    border: 0;
    background: none;
    color: var(--color-ink);
    font: 14px var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  .stops [aria-current='step'] {
    background: var(--color-plum-wash);
    font-weight: 650;
  }
  .photo:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
  .tick {
    color: var(--color-moss);
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
  .slip {
    background: var(--color-slip);
    border: 1px solid var(--color-rule);
    border-radius: 4px;
    padding: 14px 18px;
    box-shadow: 0 10px 24px -18px #0007;
  }
  .slip h2 {
    display: flex;
    gap: 10px;
    align-items: center;
    margin-bottom: 6px;
  }
  .changed {
    margin-top: 6px;
    color: var(--color-plum);
    font-size: 14px;
  }
  .care {
    margin-top: 6px;
    color: var(--color-slate);
    font-weight: 600;
    font-size: 14px;
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
  .waiting {
    padding: 10px 14px;
    background: var(--color-ochre-wash);
    border-radius: 10px;
    font-size: 14px;
  }
  .fault {
    color: var(--color-clay);
    font-weight: 600;
    font-size: 14.5px;
    font-family: var(--font-sans);
  }
  .acts {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .acts .act:first-child,
  .hint {
    grid-column: 1 / -1;
  }
  .acts .act {
    padding: 0 10px;
  }
  .next {
    min-height: 52px;
    font-size: 17px;
  }
  .hint {
    text-align: center;
  }
  @media (hover: none) {
    .hint {
      display: none;
    }
  }
  @media (max-width: 1100px) {
    .round {
      grid-template-columns: minmax(0, 1fr) 280px;
    }
    .stops {
      display: none;
    }
  }
  @media (max-width: 760px) {
    .round {
      grid-template-columns: minmax(0, 1fr);
      padding-bottom: 130px;
    }
    .side {
      display: contents;
    }
    .slip {
      order: -1;
      padding: 10px 14px;
    }
    .slip h2 {
      font-size: 20px;
    }
    .acts {
      position: fixed;
      inset: auto 0 66px;
      z-index: 4;
      grid-template-columns: 1fr 1fr 1fr;
      padding: 8px 12px;
      background: var(--color-leaf);
      border-top: 1px solid var(--color-rule);
    }
    .acts .act:first-child {
      grid-column: 1;
      grid-row: 2;
    }
    .acts .next {
      grid-column: 2 / -1;
      grid-row: 2;
    }
    .acts .act {
      font-size: 13.5px;
      padding: 0 6px;
    }
    .acts .next {
      font-size: 17px;
    }
    .hint {
      display: none;
    }
  }
</style>
