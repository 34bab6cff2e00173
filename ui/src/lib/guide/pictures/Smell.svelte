<script lang="ts">
  import type { Drawn } from '../pictures';
  import Pot from '../parts/Pot.svelte';

  const { answer }: Drawn = $props();
</script>

<Pot x={36} y={30} width={50} depth={44} soil={5} />
<path class="mark thin" fill="none" d="M58 66q8-4 4-10t5-10M66 70q8-4 4-10t5-10" />
{#if answer === 'WOODY'}
  <path class="dry" d="M84 52l22-7 7 9-4 12-22 3-6-9z" />
  <path class="dry thin" fill="none" d="M88 57l18-5M90 63l15-4" />
  <path
    class="water"
    d="M88 24q-4 7 0 9 4-2 0-9zM100 16q-4 7 0 9 4-2 0-9zM108 30q-4 7 0 9 4-2 0-9z"
  />
{:else if answer === 'STALE'}
  <path class="paper" d="M82 72V46q0-14 15-14t15 14v26z" />
  <path class="dot" d="M88 72V50q0-10 9-10t9 10v22z" />
  <path class="thin" stroke="var(--color-leaf)" d="M90 66h14M92 60h11" />
{:else if answer === 'SOUR'}
  <path class="dry" d="M92 28h9v10q9 4 9 12v22H83V50q0-8 9-12z" />
  <path class="paper" d="M90 22h13v6H90z" />
  <path class="dry thin" fill="none" d="M88 56l4 4 4-4 4 4 4-4" />
{:else}
  <path class="bad" d="M84 62q0-14 6-22l5 6 5-7 4 6 3-4q6 8 6 20 0 14-14 14T84 62z" />
  <path class="bad thin" fill="none" d="M92 30q-4-5 0-9M102 28q4-5 0-9" />
{/if}
