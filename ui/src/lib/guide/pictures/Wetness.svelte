<script lang="ts">
  import type { Drawn } from '../pictures';
  import Pot from '../parts/Pot.svelte';

  const { item, answer }: Drawn = $props();
</script>

{#if item === 'daysToDry'}
  <Pot x={60} y={16} width={50} depth={36} />
  <path class="paper" d="M36 58h48v6H36zM44 64h32l4 14H40z" />
  <path class="thin" d="M60 76l6-6M50 74a11 11 0 0 1 20 0" />
  <path class="water" d="M14 20q-6 10 0 14 6-4 0-14z" />
  <path class="mark" d="M8 46v10M14 46v10M20 46v10M6 56l16-10" />
  <path class="mark" fill="none" d="M104 20v22m-5-6 5 7 5-7" />
{:else}
  <Pot x={60} y={36} width={84} depth={44} soil={8} />
  <path class="paper" d="M50 2v46a10 10 0 0 0 20 0V2" />
  <path class="paper thin" d="M54 48a6 7 0 0 1 12 0" />
  <path class="thin" d="M52 24h6" />
  {#if answer === 'DRY'}
    <path class="dry thin" fill="none" d="M30 44l3 8-4 6M88 44l-3 9 5 6" />
  {:else if answer === 'MOIST'}
    <path
      class="dry"
      d="M48 40l-5-2-1 5 4 2zM72 34l5-2 1 5-4 2zM48 52l-4 2 2 4 4-1zM70 50l5 0-1 5-4 1z"
    />
  {:else}
    <path class="water" d="M22 44h27v3q2 8 11 10 9-2 11-10v-3h27l-1 7q-14 7-37 7t-37-7z" />
    <path class="water" d="M40 20q-4 7 0 9 4-2 0-9zM80 22q-4 7 0 9 4-2 0-9z" />
  {/if}
{/if}
