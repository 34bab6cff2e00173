<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { sitePage, yearAhead } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Axis from './Axis.svelte';
  import { dayNumber } from './days';
  import Legend from './Legend.svelte';
  import { drawn, NOTHING_PAST } from './yearLines';
  import Marks from './Marks.svelte';
  import { PastOf } from './past.svelte';

  interface Props {
    plantId: number;
  }
  const { plantId }: Props = $props();
  const lines = yearAhead();
  const site = sitePage();
  const past = new PastOf(useQueryClient());
  const LEFT = 64;

  const today = $derived(site.data?.today ?? '');
  const line = $derived(lines.data?.find((each) => each.plantId === plantId));
  const its = $derived(past.of(plantId));
  const thisYear = $derived(Number(today.slice(0, 4)));
  const first = $derived(
    Math.min(
      thisYear,
      ...[...(its?.looks ?? []), ...(its?.potted ?? [])].map((day) =>
        new Date(day * 86_400_000).getUTCFullYear(),
      ),
    ),
  );
  /** The coming year too, as far as something of it is foretold. */
  const years = $derived(
    today ? Array.from({ length: thisYear + 2 - first }, (_, i) => thisYear + 1 - i) : [],
  );
  const begins = (year: number) => dayNumber(`${year}-01-01`);
  let wide = $state(0);
  const width = $derived(Math.max(120, wide - LEFT));

  $effect(() => {
    if (lines.dataUpdatedAt) past.forget();
    void past.want([plantId]);
  });
</script>

<Waiting query={lines}>
  {#if line}
    <section class="sheet" aria-label="The years of {line.name}" bind:clientWidth={wide}>
      <div style:padding-left="{LEFT}px">
        <Axis
          from={begins(thisYear)}
          days={366}
          {width}
          {today}
          rounds={[]}
          bench={line.bench ? [line.bench] : []}
          away={[]}
        />
      </div>
      <ol>
        {#each years as year (year)}
          <li>
            <b class:now={year === thisYear}>{year}</b>
            <Marks
              line={year >= thisYear ? drawn(line, today) : undefined}
              past={its ?? NOTHING_PAST}
              from={begins(year)}
              day={width / 366}
              {width}
              today={dayNumber(today)}
              underneath={year > thisYear}
            />
          </li>
        {/each}
      </ol>
    </section>
    <Legend />
  {:else}
    <p class="sheet">
      This plant is no longer here; its <a class="link" href="/plants/{plantId}">page</a> keeps what was
      noted of it.
    </p>
  {/if}
</Waiting>

<style>
  section {
    padding: 8px 0;
    overflow: hidden;
  }
  li {
    display: flex;
    align-items: center;
    height: 46px;
    overflow: hidden;
    border-top: 1px solid var(--color-rule);
  }
  b {
    flex: none;
    width: 64px;
    padding-left: 16px;
    font-weight: 500;
  }
  .now {
    font-weight: 700;
  }
</style>
