<script lang="ts">
  import { createVirtualizer } from '@tanstack/svelte-virtual';
  import { untrack } from 'svelte';
  import type { Attachment } from 'svelte/attachments';
  import { get } from 'svelte/store';
  import type { View } from './days';
  import type { PastOf } from './past.svelte';
  import YearRow from './YearRow.svelte';
  import type { DrawnLine } from './yearLines';

  interface Props {
    lines: DrawnLine[];
    past: PastOf;
    view: View;
    now: number;
    today: string;
    /** How wide the names and the days are, px; names stand above their days if they are 0. */
    names: number;
    width: number;
    /** Whether last year is drawn underneath. */
    underneath: boolean;
    /** How many rows are printed, while they are. */
    printed?: number;
    zoomable: Attachment<HTMLElement>;
  }
  const { lines, past, view, now, today, names, width, underneath, printed, zoomable }: Props =
    $props();

  const ROW = 46;
  const row = $derived(names ? ROW : 2 * ROW - 2);
  let pane = $state<HTMLElement>();
  const list = createVirtualizer<HTMLElement, HTMLElement>({
    count: 0,
    getScrollElement: () => pane ?? null,
    estimateSize: () => row,
    overscan: 4,
  });
  $effect(() => {
    const options = { count: lines.length, getScrollElement: () => pane ?? null };
    const size = row;
    untrack(() => {
      get(list).setOptions({ ...options, estimateSize: () => size });
      get(list).measure();
    });
  });
  const rows = $derived(
    printed !== undefined
      ? lines.slice(0, printed).map((line, i) => ({ line, start: i * row }))
      : $list
          .getVirtualItems()
          .flatMap(({ index, start }) => (lines[index] ? { line: lines[index], start } : [])),
  );
  $effect(() => {
    void past.want(rows.map(({ line }) => line.id));
  });
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
  class="rows"
  class:printing={printed !== undefined}
  tabindex="0"
  role="region"
  aria-label="Plants by days"
  bind:this={pane}
  {@attach zoomable}
>
  <ul style:height="{(printed === undefined ? lines.length : rows.length) * row}px">
    {#each rows as { line, start } (line.id)}
      <li style:height="{row}px" style:transform="translateY({start}px)" class:narrow={!names}>
        <YearRow {line} past={past.of(line.id)} {view} {now} {today} {names} {width} {underneath} />
      </li>
    {/each}
  </ul>
  {#if now >= view.from && now <= view.from + view.days}
    <i class="now" style:left="{names + ((now - view.from) * width) / view.days}px"></i>
  {/if}
</div>

<style>
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
  ul {
    position: relative;
  }
  li {
    position: absolute;
    inset: 0 0 auto;
    display: flex;
    align-items: center;
    overflow: hidden;
    border-top: 1px solid var(--color-rule);
  }
  li.narrow {
    display: block;
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
