<script lang="ts">
  import type { Drawn } from '../pictures';
  import { blade } from '$lib/guide/parts/strokes';
  import Bulb from '../parts/Bulb.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'OLDEST_DROPPING'}
  <path class="ink" d="M22 72h76" />
  <Bulb x={36} y={72} leaves={0} look="dry" furrows={2} />
  <path class="dry" d={blade([20, 70], [6, 50], -3, 6)} />
  <path class="mark thin" fill="none" d="M26 34q-10 4-13 11m-2-6 1 7 7-2" />
  <Bulb x={60} y={72} height={30} />
  <Bulb x={84} y={72} height={32} leaves={2} />
{:else}
  {#if answer !== 'LEAF_LOSS'}
    <path class={answer === 'YELLOW_LOWER' ? 'dry' : 'live'} d={blade([56, 70], [8, 62], 10, 9)} />
    <path class="live" d={blade([64, 62], [112, 52], 10, 9)} />
  {/if}
  <path class="live" d={blade([57, 56], [20, 28], 10, 9)} />
  <path class="live" d={blade([62, 48], [98, 18], -8, 9)} />
  <path class="live" d="M55 76V46q4-6 10 0v30z" />
  {#if answer === 'YELLOW_LOWER'}
    <path class="mark thin" fill="none" d="M20 78q-8-2-10-9m-4 5 4-6 5 5" />
  {:else if answer === 'TIP_BURN'}
    <path class="bad" d="M8 62l13-4v7zM20 28l10 3-5 5zM98 18l-9 3 4 6zM112 52l-12-1 1 6z" />
  {:else if answer === 'SPOTS' || answer === 'MANY_SPOTS'}
    {@const spots = [
      [30, 59],
      [90, 52],
      [36, 40],
      [42, 62],
      [20, 60],
      [98, 50],
      [78, 54],
      [30, 33],
      [44, 46],
      [84, 30],
      [76, 36],
      [92, 24],
    ] as const}
    {#each answer === 'SPOTS' ? spots.slice(0, 3) : spots as [x, y], i (i)}
      <circle class="bad" cx={x} cy={y} r={i % 3 ? 1.8 : 2.6} />
    {/each}
  {:else if answer === 'LEAF_LOSS'}
    <path class="mark" d="M55 70l-7-2 7-4zM65 62l7-2-7-4z" />
    <path
      class="mark thin"
      fill="none"
      stroke-dasharray="3 4"
      d="M46 67Q28 52 12 62M74 60q18-14 34-8"
    />
  {:else if answer === 'SUN_DAMAGE'}
    <path class="bad" d="M82 50q8-5 18-2 0 6-8 6t-10-4z" />
    <path class="mark" fill="none" d="M104 8v6M92 12l4 4M116 12l-4 4M100 22a5 5 0 1 1 8 0" />
  {/if}
{/if}
