<script lang="ts">
  import type { Drawn } from '../pictures';
  import Pot from '../parts/Pot.svelte';

  const { item, answer }: Drawn = $props();
  const BUBBLES = [
    [30, 30],
    [44, 36],
    [58, 27],
    [70, 35],
    [86, 30],
    [36, 41],
    [52, 44],
    [78, 43],
    [92, 38],
  ] as const;
  const shown = $derived({ MANY: BUBBLES, FEW: [BUBBLES[2], BUBBLES[7]], NONE: [] }[answer] ?? []);
  /** How deep the water stands over the medium. */
  const depth = $derived(
    item === 'bubbles' ? 22 : ({ QUICKLY: 0, SLOWLY: 8, STANDS: 20 }[answer] ?? 0),
  );
</script>

<Pot x={60} y={20} width={90} depth={60} soil={28} />
{#if depth}
  <path
    class="water"
    d="M{17 + (26 - depth) * 0.16} {48 - depth}q11-3 22 0t21 0 21 0 {22 -
      (26 - depth) * 0.16} 0L99 48H21z"
  />
{/if}
{#each shown as [x, y] (x)}<circle class="paper" cx={x} cy={y} r="3.2" stroke-width="1.6" />{/each}
{#if item === 'sinking' && answer !== 'STANDS'}
  {@const to = answer === 'QUICKLY' ? 72 : 58}
  {#each answer === 'QUICKLY' ? [40, 60, 80] : [60] as x (x)}
    <path class="mark" fill="none" d="M{x} 44V{to}m-5-6 5 7 5-7" />
  {/each}
{:else if item === 'sinking'}
  <path class="mark" fill="none" d="M46 60h28M46 66h28" />
{/if}
