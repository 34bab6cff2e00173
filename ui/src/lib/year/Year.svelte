<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { tick } from 'svelte';
  import { benchDays, roundsAhead, sitePage, yearAhead } from '$lib/api/queries';
  import { shortcut } from '$lib/forms/shortcut.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import Axis from './Axis.svelte';
  import { dayNumber, isoDay, LEVELS, pushed, type View, viewOf, zoomed } from './days';
  import Legend from './Legend.svelte';
  import { drawn, inSight, nubsLastYear, ordered } from './yearLines';
  import Marks from './Marks.svelte';
  import { PastOf } from './past.svelte';
  import YearTools from './YearTools.svelte';
  import { zooming } from './zooming';

  const lines = yearAhead();
  const site = sitePage();
  const rounds = roundsAhead();
  const bench = benchDays();
  const past = new PastOf(useQueryClient());
  const ROW = 46;
  const MOST_PRINTED = 400;

  const today = $derived(site.data?.today ?? '');
  const now = $derived(today ? dayNumber(today) : 0);
  let by = $state<'opens' | 'place'>('opens');
  let search = $state('');
  let underneath = $state(true);
  let chosen = $state<View>();
  const view = $derived(chosen ?? viewOf(LEVELS[1], now));
  const all = $derived((lines.data ?? []).map((line) => drawn(line, today)));
  const shown = $derived(ordered(all, by, search));

  let wide = $state(0);
  let high = $state(0);
  let scrolled = $state(0);
  let printing = $state(false);
  const names = $derived(wide < 640 ? 0 : 226);
  const width = $derived(Math.max(120, wide - names));
  const day = $derived(width / view.days);
  const row = $derived(names ? ROW : 2 * ROW - 2);
  const sight = $derived(
    printing
      ? { first: 0, last: Math.min(MOST_PRINTED, shown.length) }
      : inSight(scrolled, high, row, shown.length),
  );
  const rows = $derived(shown.slice(sight.first, sight.last));

  $effect(() => {
    if (lines.dataUpdatedAt) past.forget();
  });
  $effect(() => {
    void past.want(rows.map(({ id }) => id));
  });

  const zoomable = (element: HTMLElement) =>
    zooming(
      element,
      () => view,
      () => width,
      (next) => (chosen = next),
    );
  const zoomBy = (times: number) => (chosen = zoomed(view, times, view.from + view.days / 2));
  const pushBy = (share: number) => (chosen = pushed(view, share));

  function keys(event: KeyboardEvent) {
    const key = shortcut(event);
    if (key === 'ArrowLeft') pushBy(-0.1);
    else if (key === 'ArrowRight') pushBy(0.1);
    else if (key === '+') zoomBy(0.7);
    else if (key === '-') zoomBy(1 / 0.7);
    else if (key === 't') chosen = undefined;
    else return;
    event.preventDefault();
  }

  async function print() {
    printing = true;
    await past.want(rows.map(({ id }) => id));
    await tick();
    window.print();
    printing = false;
  }
</script>

<svelte:window onkeydown={keys} />

<YearTools
  {view}
  {now}
  bind:by
  bind:search
  bind:underneath
  {print}
  move={(next) => (chosen = next)}
/>

<Waiting query={lines}>
  {#if all.length}
    <section class="sheet year" aria-label="The year of {count(shown.length, 'plant')}">
      <div class="axis" bind:clientWidth={wide} style:padding-left="{names}px">
        <Axis
          from={view.from}
          days={view.days}
          {width}
          {today}
          rounds={(rounds.data?.rounds ?? []).map((each) => each.day)}
          bench={(bench.data?.days ?? []).map((each) => each.on)}
          away={rounds.data?.days.away ?? []}
        />
      </div>
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div
        class="rows"
        class:printing
        tabindex="0"
        role="region"
        aria-label="Plants by days"
        bind:clientHeight={high}
        onscroll={(event) => (scrolled = event.currentTarget.scrollTop)}
        {@attach zoomable}
      >
        <div class="all" style:height="{printing ? rows.length * row : shown.length * row}px">
          <ul style:transform="translateY({sight.first * row}px)">
            {#each rows as line (line.id)}
              {@const its = past.of(line.id)}
              {@const nubs = underneath && its ? nubsLastYear(its, now) : undefined}
              <li style:height="{row}px" class:narrow={!names}>
                <a href="/plants/{line.id}" aria-label={line.says} style:width="{names || wide}px">
                  <b>{line.name}</b>
                  <span class="quiet"
                    >{nubs === undefined
                      ? line.place
                      : `nubs came ${short(isoDay(nubs), today)}`}</span
                  >
                </a>
                <Marks {line} past={its} from={view.from} {day} {width} today={now} {underneath} />
              </li>
            {/each}
          </ul>
        </div>
        {#if now >= view.from && now <= view.from + view.days}
          <i class="now" style:left="{names + (now - view.from) * day}px"></i>
        {/if}
      </div>
    </section>
    {#if printing && shown.length > MOST_PRINTED}
      <p class="quiet">
        The first {MOST_PRINTED} of {count(shown.length, 'plant')}; search by name or place for the
        others.
      </p>
    {/if}
    <Legend />
    {#if !shown.length}<p class="quiet">No plant is called that, or stands there.</p>{/if}
  {:else}
    <p class="sheet">No plant is in the collection yet. Its year is drawn here once one is.</p>
  {/if}
</Waiting>

<style>
  .year {
    padding: 8px 0 0;
    overflow: hidden;
  }
  .rows {
    position: relative;
    height: calc(100dvh - 306px);
    min-height: 230px;
    overflow: hidden auto;
    scrollbar-gutter: stable;
    scrollbar-width: thin;
    touch-action: pan-y;
    cursor: grab;
  }
  .axis {
    overflow: hidden;
  }
  .all {
    position: relative;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
    will-change: transform;
  }
  li {
    display: flex;
    align-items: center;
    overflow: hidden;
    border-top: 1px solid var(--color-rule);
  }
  li.narrow {
    display: block;
  }
  a {
    display: flex;
    flex-direction: column;
    flex: none;
    justify-content: center;
    height: 44px;
    padding: 0 10px 0 16px;
    color: var(--color-ink);
    line-height: 1.15;
    text-decoration: none;
  }
  .narrow a {
    flex-direction: row;
    gap: 8px;
    justify-content: flex-start;
    align-items: center;
  }
  a b,
  a .quiet {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  a .quiet {
    font-size: 13.5px;
  }
  .now {
    position: absolute;
    top: 0;
    height: 100%;
    width: 2px;
    background: var(--color-ink);
    pointer-events: none;
  }
  @media (max-width: 700px) {
    .rows {
      height: calc(100dvh - 380px);
    }
  }
  @media print {
    .rows.printing {
      height: auto;
      overflow: visible;
    }
  }
</style>
