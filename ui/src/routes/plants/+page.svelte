<script lang="ts">
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { placeList, choices, gonePlants, plantList, rulesPage, sitePage } from '$lib/api/queries';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { round } from '$lib/round/walk.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { failed, saved } from '$lib/shell/toaster';
  import { PILES } from '$lib/sorting/piles';
  import SortingField from '$lib/sorting/SortingField.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';
  import type { Schemas } from '$lib/api/client';

  const SCREENFUL = 120;
  /** The pile of those that were given away or lost. */
  const GONE = 'gone';
  const client = useQueryClient();
  const site = sitePage();
  const plants = plantList();
  const gone = gonePlants();
  const places = placeList();
  const options = choices();
  const rules = rulesPage();
  const today = $derived(site.data?.today ?? '');

  let sought = $state('');
  let place = $state('');
  let kind = $state('');
  let approach = $state('');
  let pile = $state('');
  let asideOnly = $state(false);
  let selected = $state<number[]>([]);
  let most = $state(SCREENFUL);
  let target = $state('');

  const sorted = $derived(
    [...(plants.data ?? [])].sort(
      (a, b) => a.turn - b.turn || b.need - a.need || a.number.localeCompare(b.number),
    ),
  );
  const within = $derived(
    sorted.filter(
      (plant) =>
        (!place || plant.placeId === Number(place)) &&
        (!kind || plant.kind === kind) &&
        (!approach || plant.approach === approach) &&
        (!asideOnly || plant.asideOn != null) &&
        `${plant.number} ${plant.name} ${plant.kindName} ${plant.placeName} ${plant.title}`
          .toLowerCase()
          .includes(sought.trim().toLowerCase()),
    ),
  );
  const piles = $derived(
    PILES.map((each) => ({
      ...each,
      count: within.filter((plant) => each.verdicts.includes(plant.verdict)).length,
    })),
  );
  const shown = $derived(
    pile === GONE
      ? []
      : pile
        ? within.filter((plant) =>
            PILES.find((each) => each.key === pile)!.verdicts.includes(plant.verdict),
          )
        : within,
  );
  const goneFound = $derived(
    (gone.data ?? []).filter((plant) =>
      `${plant.number} ${plant.name} ${plant.kindName} ${plant.statusWords} ${plant.reason}`
        .toLowerCase()
        .includes(sought.trim().toLowerCase()),
    ),
  );
  /** They stand below the others while something is looked for. */
  const goneShown = $derived(pile === GONE || (!pile && sought.trim()) ? goneFound : []);
  const kinds = $derived(
    [...new Map((plants.data ?? []).map((plant) => [plant.kind, plant.kindName]))].sort((a, b) =>
      a[1].localeCompare(b[1]),
    ),
  );
  const bounds = $derived.by(() => {
    const figures = (rules.data ?? []).flatMap((chapter) => chapter.figures);
    const of = (key: string) => {
      const figure = figures.find((each) => each.key === key);
      return figure ? (figure.own ?? figure.standard) : 0;
    };
    return {
      leaveBelow: of('verdict.leave-below'),
      mustFrom: of('verdict.must-from'),
      goodMoment: of('verdict.good-moment'),
      readyEnough: of('verdict.ready-enough'),
    };
  });

  /** One date each: when to act, or when to look. */
  function date(plant: Schemas['PlantLine']): string {
    const { kind, to, likely } = plant.when;
    if (kind === 'NOW') return 'today';
    if (kind === 'WAIT_FOR' && likely) return `about ${short(likely, today)}`;
    if (to) return `${kind === 'BETWEEN' ? 'until' : 'by'} ${short(to, today)}`;
    return plant.nextCheck ? `look ${short(plant.nextCheck.best, today)}` : '';
  }

  function select(id: number) {
    selected = selected.includes(id) ? selected.filter((each) => each !== id) : [...selected, id];
  }

  /** Reads anew what was done to several plants at once, and offers to undo it. */
  function done(what: string, result: Schemas['Done']) {
    selected = [];
    saved(client, what, result);
  }

  async function walk() {
    try {
      const all = await answered(api.GET('/api/round', { params: { query: {} } }));
      const stops = all.stops.filter((stop) => selected.includes(stop.plantId));
      round.start(`${stops.length} chosen plants`, { ...all, stops });
      await goto('/round');
    } catch (failure) {
      failed(failure);
    }
  }

  async function aside() {
    const body = { plants: selected, aside: true };
    try {
      const result = await answered(api.PUT('/api/aside', { body }));
      done(`${selected.length} plants pulled aside for the bench`, result);
    } catch (failure) {
      failed(failure);
    }
  }

  async function stand() {
    const to = Number(target);
    const there = sorted
      .filter((plant) => plant.placeId === to && !selected.includes(plant.id))
      .sort((a, b) => a.stand - b.stand)
      .map((plant) => plant.id);
    try {
      const result = await answered(
        api.PUT('/api/places/{id}/plants', {
          params: { path: { id: to } },
          body: { plants: [...there, ...selected] },
        }),
      );
      done(`${selected.length} plants stand elsewhere now`, result);
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<svelte:head><title>Plants · Mellow Almanac</title></svelte:head>

<div class="top">
  <h1>Plants</h1>
  {#if plants.data?.length || gone.data?.length}
    <span class="quiet"
      >{shown.length === plants.data?.length
        ? `${shown.length} plants, the most urgent first`
        : `${shown.length} of ${plants.data?.length ?? 0} plants`}</span
    >
    <div class="filters">
      <label>
        <span class="sr-only">Find a plant</span>
        <input class="input" type="search" placeholder="Name, number…" bind:value={sought} />
      </label>
      <select class="select" aria-label="Place" bind:value={place}>
        <option value="">all places</option>
        {#each places.data ?? [] as each (each.id)}
          <option value={String(each.id)}>{each.name}</option>
        {/each}
      </select>
      <select class="select" aria-label="Kind" bind:value={kind}>
        <option value="">all kinds</option>
        {#each kinds as [key, name] (key)}<option value={key}>{name}</option>{/each}
      </select>
      <select class="select" aria-label="Approach" bind:value={approach}>
        <option value="">all approaches</option>
        {#each options.data?.approaches ?? [] as each (each.approach)}
          <option value={each.approach}>{each.name}</option>
        {/each}
      </select>
      <label class="tick"
        ><input class="checkbox" type="checkbox" bind:checked={asideOnly} /> aside</label
      >
    </div>
  {/if}
</div>

<Waiting query={plants}>
  {#if !plants.data?.length && !gone.data?.length}
    <section class="sheet empty">
      <h2>No plants yet</h2>
      <p>Add the first one with what stands on its label; a look at it comes next.</p>
      <a class="act go" href="/plants/new">Add a plant</a>
    </section>
  {:else}
    <div class="columns">
      <section class="sheet field" aria-label="The field of need and readiness">
        <SortingField plants={shown} {bounds} {selected} {select} />
      </section>
      <div>
        <div class="piles" role="group" aria-label="Piles">
          {#each piles as each (each.key)}
            {#if each.count || pile === each.key}
              <button
                type="button"
                class="pile"
                aria-pressed={pile === each.key}
                style="--wash: var(--color-{each.hue}-wash); --hue: var(--color-{each.hue})"
                onclick={() => (pile = pile === each.key ? '' : each.key)}
              >
                <span><VerdictMark verdict={each.verdicts[0]!} size={15} /> {each.title}</span>
                <b>{each.count}</b>
              </button>
            {/if}
          {/each}
          {#if goneFound.length || pile === GONE}
            <button
              type="button"
              class="pile"
              aria-pressed={pile === GONE}
              style="--wash: var(--color-leaf); --hue: var(--color-ink-2)"
              onclick={() => (pile = pile === GONE ? '' : GONE)}
            >
              <span>No longer here</span>
              <b>{goneFound.length}</b>
            </button>
          {/if}
        </div>
        {#if selected.length}
          <div class="chosen" role="group" aria-label="What to do with the chosen plants">
            <b>{selected.length} chosen</b>
            <button type="button" class="act small" onclick={walk}>Walk to them</button>
            <button type="button" class="act small" onclick={aside}>Pull aside</button>
            <select class="select" aria-label="Stand in place" bind:value={target}>
              <option value="">stand on…</option>
              {#each places.data ?? [] as each (each.id)}
                <option value={String(each.id)}>{each.name}</option>
              {/each}
            </select>
            <button type="button" class="act small" disabled={!target} onclick={stand}>Move</button>
            <button type="button" class="link" onclick={() => (selected = [])}>None</button>
          </div>
        {/if}
        {#if shown.length}
          <ul class="sheet">
            {#each shown.slice(0, most) as plant (plant.id)}
              <li>
                <label class="choose">
                  <input
                    class="checkbox"
                    type="checkbox"
                    aria-label="Choose {plant.name}"
                    checked={selected.includes(plant.id)}
                    onchange={() => select(plant.id)}
                  />
                </label>
                <a href="/plants/{plant.id}">
                  <VerdictMark verdict={plant.verdict} size={22} />
                  <span class="who">
                    <b>{plant.name}</b>
                    <span class="quiet">
                      {plant.title}{plant.asideOn ? ' · aside' : ''}{plant.apartSince
                        ? ' · kept apart'
                        : ''}{plant.heldSince ? ' · held' : ''}
                      {#if plant.reason}· <Sentence parts={plant.reason} {today} />{/if}
                    </span>
                  </span>
                  <span class="date">{date(plant)}</span>
                </a>
              </li>
            {/each}
          </ul>
          {#if shown.length > most}
            <button type="button" class="act more" onclick={() => (most += SCREENFUL)}
              >{shown.length - most} more</button
            >
          {/if}
        {:else if pile !== GONE && !goneShown.length}
          <p class="quiet">No plant answers to that.</p>
        {/if}
        {#if goneShown.length}
          <ul class="sheet gone" aria-label="No longer here">
            {#each goneShown as plant (plant.id)}
              <li>
                <a href="/plants/{plant.id}">
                  <span class="who">
                    <b>{plant.name}</b>
                    <span class="quiet">
                      {plant.number} · {plant.statusWords}{plant.reason ? `: ${plant.reason}` : ''}
                    </span>
                  </span>
                </a>
              </li>
            {/each}
          </ul>
        {/if}
      </div>
    </div>
  {/if}
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 14px;
    margin-bottom: 14px;
  }
  .filters {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-left: auto;
  }
  .filters .input {
    width: 150px;
  }
  .filters .select {
    width: 148px;
  }
  .tick {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 560px) minmax(0, 1fr);
    gap: 16px;
    align-items: start;
  }
  .field {
    position: sticky;
    top: 12px;
    padding: 12px;
  }
  .piles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
    gap: 8px;
    margin-bottom: 12px;
  }
  .pile {
    display: grid;
    min-height: 64px;
    padding: 8px 12px;
    border: 2px solid transparent;
    border-radius: 10px;
    background: var(--wash);
    color: var(--hue);
    font: 600 14px var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  .pile span {
    display: flex;
    gap: 6px;
    align-items: center;
  }
  .pile b {
    font: 520 24px var(--font-serif);
    color: var(--color-ink);
  }
  .pile[aria-pressed='true'] {
    border-color: var(--hue);
  }
  .chosen {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    padding: 8px 12px;
    margin-bottom: 12px;
    border-radius: 10px;
    background: var(--color-plum-wash);
  }
  .chosen .select {
    width: 150px;
  }
  ul {
    list-style: none;
    padding: 4px 0;
    margin: 0;
  }
  li {
    display: grid;
    grid-template-columns: 50px minmax(0, 1fr);
    align-items: center;
    padding-left: 4px;
    content-visibility: auto;
    contain-intrinsic-size: auto 58px;
  }
  .choose {
    display: grid;
    place-items: center;
    width: 44px;
    min-height: 44px;
    cursor: pointer;
  }
  .gone li {
    padding-left: 16px;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
  li a {
    display: grid;
    grid-template-columns: 24px minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: center;
    min-height: 52px;
    padding: 7px 16px 7px 0;
    color: var(--color-ink);
    text-decoration: none;
  }
  .gone {
    margin-top: 12px;
  }
  .gone li,
  .gone li a {
    grid-template-columns: minmax(0, 1fr);
  }
  li a:hover b {
    text-decoration: underline;
  }
  .who {
    display: flex;
    flex-direction: column;
  }
  .who b {
    overflow-wrap: anywhere;
  }
  .date {
    font-size: 14px;
    text-align: right;
  }
  .more {
    margin-top: 12px;
  }
  .empty {
    max-width: 520px;
    display: grid;
    gap: 12px;
    justify-items: start;
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .field {
      position: static;
    }
    .filters {
      margin-left: 0;
    }
  }
  @media (max-width: 700px) {
    .field {
      display: none;
    }
    .filters > *,
    .filters .select,
    .filters .input {
      width: 100%;
    }
  }
</style>
