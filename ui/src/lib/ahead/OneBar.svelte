<script lang="ts">
  import type { ScaleLinear } from 'd3-scale';
  import { HUE } from '$lib/drawings/verdicts';
  import { counted, roomOf, type PartAhead, type Sized } from './parts';

  interface Props {
    part: PartAhead;
    y: ScaleLinear<number, number>;
    by: Sized;
  }
  const { part, y, by }: Props = $props();
  const range = $derived(counted(part, by));
  const room = $derived(roomOf(part));
  /** A sort's share of its bar. */
  const high = $derived((expected: number) =>
    part.jobs.expected ? (y(range.expected) * expected) / part.jobs.expected : 0,
  );
</script>

<span class="plot {by}" class:full={part.room?.overflows}>
  {#if room !== undefined}
    <span class="room" style:bottom="{y(room)}px"></span>
  {/if}
  <span class="stack">
    {#each [...part.sorts].reverse() as sort (sort.verdict)}
      <span
        class:two={sort.verdict === 'DIVIDE'}
        style:height="{high(sort.expected)}px"
        style:--hue="var(--color-{HUE[sort.verdict]})"
      ></span>
    {/each}
  </span>
  {#if range.most > 0}
    <span
      class="range"
      style:bottom="{y(range.least)}px"
      style:height="{y(range.most) - y(range.least)}px"
    ></span>
  {/if}
</span>

<style>
  .plot {
    display: block;
    position: relative;
    height: var(--high);
    border-bottom: 1px solid var(--color-ink-2);
  }
  .full {
    background: repeating-linear-gradient(
      135deg,
      transparent 0 5px,
      color-mix(in srgb, var(--color-clay) 38%, transparent) 5px 6.5px
    );
  }
  .stack {
    position: absolute;
    inset: auto 14% 0;
    display: grid;
    opacity: 0.72;
  }
  .stack span {
    background: var(--hue);
    box-shadow: inset 0 1px var(--color-paper);
  }
  .stack .two {
    background: repeating-linear-gradient(90deg, var(--hue) 0 4px, var(--color-paper) 4px 6px);
  }
  .range {
    position: absolute;
    left: 50%;
    width: 9px;
    margin-left: -4.5px;
    border-block: 2px solid var(--color-ink);
    background: linear-gradient(var(--color-ink), var(--color-ink)) center / 1.6px 100% no-repeat;
  }
  .weeks .range {
    width: 5px;
    margin-left: -2.5px;
  }
  .room {
    position: absolute;
    inset-inline: 0;
    border-top: 2px dashed var(--color-slate);
  }
</style>
