<script lang="ts">
  import { short } from '$lib/words/dates';
  import { isoDay, type View } from './days';
  import Marks from './Marks.svelte';
  import { type DrawnLine, type DrawnPast, nubsLastYear } from './yearLines';

  interface Props {
    line: DrawnLine;
    /** What happened to it, once that is known. */
    past: DrawnPast | undefined;
    view: View;
    now: number;
    today: string;
    names: number;
    width: number;
    underneath: boolean;
  }
  const { line, past, view, now, today, names, width, underneath }: Props = $props();
  const nubs = $derived(underneath && past ? nubsLastYear(past, now) : undefined);
</script>

<a
  class:narrow={!names}
  href="/plants/{line.id}"
  aria-label={line.says}
  style:width="{names || width}px"
>
  <b>{line.name}</b>
  <span class="quiet"
    >{nubs === undefined ? line.place : `nubs came ${short(isoDay(nubs), today)}`}</span
  >
</a>
<Marks {line} {past} from={view.from} day={width / view.days} {width} today={now} {underneath} />

<style>
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
  a.narrow {
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
</style>
