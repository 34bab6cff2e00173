<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { tick } from 'svelte';
  import { benchDays, roundsAhead, sitePage, yearAhead } from '$lib/api/queries';
  import { shortcut } from '$lib/forms/shortcut.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { count } from '$lib/words/counts';
  import Axis from './Axis.svelte';
  import { dayNumber, LEVELS, pushed, type View, viewOf, zoomed } from './days';
  import Legend from './Legend.svelte';
  import { drawn, ordered } from './yearLines';
  import { PastOf } from './past.svelte';
  import YearRows from './YearRows.svelte';
  import YearTools from './YearTools.svelte';
  import { zooming } from './zooming';

  const lines = yearAhead();
  const site = sitePage();
  const rounds = roundsAhead();
  const bench = benchDays();
  const past = new PastOf(useQueryClient());
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
  let printing = $state(false);
  const names = $derived(wide < 640 ? 0 : 226);
  const width = $derived(Math.max(120, wide - names));

  $effect(() => {
    if (lines.dataUpdatedAt) past.forget();
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
    await past.want(shown.slice(0, MOST_PRINTED).map(({ id }) => id));
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
      <YearRows
        lines={shown}
        {past}
        {view}
        {now}
        {today}
        {names}
        {width}
        {underneath}
        {zoomable}
        printed={printing ? MOST_PRINTED : undefined}
      />
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
  .axis {
    overflow: hidden;
  }
</style>
