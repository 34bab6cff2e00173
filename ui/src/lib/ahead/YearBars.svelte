<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import OneBar from './OneBar.svelte';
  import { counted, roomOf, type PartAhead, said, type Sized, under } from './parts';

  interface Props {
    parts: PartAhead[];
    size: Sized;
    /** The first day of the one that is looked at. */
    chosen: string;
    choose: (from: string) => void;
  }
  const { parts, size, chosen, choose }: Props = $props();
  const HIGH = 190;
  const most = $derived(
    Math.max(1, ...parts.map((part) => Math.max(counted(part, size).most, roomOf(part) ?? 0))),
  );
  const y = $derived(scaleLinear([0, most], [0, HIGH]).nice());
  const ticks = $derived(y.ticks(5));
</script>

<div class="chart" style:--high="{HIGH}px">
  <div class="axis" aria-hidden="true">
    {#each ticks as value (value)}
      <span style:bottom="{y(value)}px">{value}</span>
    {/each}
  </div>
  <!-- Bars that do not fit are pushed sideways, by keys as well. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="bars {size}" role="group" aria-label="What each part of the year brings" tabindex="0">
    {#each parts as part, i (part.from)}
      <button
        type="button"
        aria-pressed={part.from === chosen}
        aria-label={said(part, size)}
        onclick={() => choose(part.from)}
      >
        <OneBar {part} {y} by={size} />
        <span class="name">{under(part, parts[i - 1])}</span>
      </button>
    {/each}
  </div>
</div>

<style>
  .chart {
    display: grid;
    grid-template-columns: 28px 1fr;
  }
  .axis {
    position: relative;
    height: calc(var(--high) + 12px);
    margin-top: 12px;
  }
  .axis span {
    position: absolute;
    right: 6px;
    transform: translateY(50%);
    font-size: 13px;
    color: var(--color-ink-2);
    margin-bottom: 12px;
  }
  .bars {
    display: flex;
    overflow-x: auto;
    padding-top: 12px;
  }
  button {
    flex: 1 0 0;
    min-width: 14px;
    padding: 0;
    border-radius: 4px 4px 0 0;
  }
  .months button {
    min-width: 44px;
  }
  button[aria-pressed='true'] {
    background: var(--color-wash, rgb(127 127 127 / 0.16));
  }
  .name {
    display: block;
    height: 24px;
    padding-top: 4px;
    font-size: 13px;
    text-align: left;
    white-space: nowrap;
    overflow: visible;
  }
  .months .name {
    text-align: center;
  }
  @media (max-width: 700px) {
    button {
      min-width: 44px;
    }
  }
</style>
