<script lang="ts">
  import type { Drawn } from '../pictures';
  import Pot from '../parts/Pot.svelte';

  const { answer }: Drawn = $props();
</script>

<Pot y={38} width={92} depth={42} soil={6}>
  {#if answer === 'MOSS'}
    <path class="live" d="M20 44q2-9 11-8 8-6 15 1 6-4 10 7zM64 44q3-10 12-8 9-4 12 8z" />
    <path class="live thin" fill="none" d="M28 42v-3M36 41v-4M74 41v-3M82 42v-3" />
  {:else if answer === 'ALGAE'}
    <path class="live" d="M17 44q12-4 28-1t30-1 28 2l-1 4q-16 3-30 1t-32 1-22-2z" />
  {:else if answer === 'WEEDS'}
    {#each [30, 54, 84] as x, i (x)}
      <path class="live" fill="none" d="M{x} 44v-{14 + i * 4}" />
      <path
        class="live"
        d="M{x} {30 - i * 4}q-10 0-11-8 9-2 11 8zM{x} {30 - i * 4}q10 0 11-8-9-2-11 8z"
      />
    {/each}
  {:else if answer === 'MOULD'}
    {#each [26, 40, 58, 76, 90] as x, i (x)}
      <path class="thin" fill="none" d="M{x} 45q-7-5 0-9t-3-9m4 18q8-3 4-9t5-{6 + (i % 3) * 2}" />
      <circle class="paper" cx={x - 3} cy="26" r="2" stroke-width="1.2" />
      <circle class="paper" cx={x + 9} cy={29 - (i % 3) * 2} r="2" stroke-width="1.2" />
    {/each}
  {:else if answer === 'CRUST'}
    <path
      class="paper"
      d="M15 45l3-7 6 3 5-5 6 4 7-4 4 5-3 5zM72 45l3-6 6 2 5-5 8 4 6-3 3 7-2 2z"
    />
    <path class="paper" stroke-width="1.2" d="M13 52l5 2 1 8-4 4zM103 50l-4 4 1 9 4-3z" />
  {/if}
</Pot>
