<script lang="ts">
  import type { Drawn } from '../pictures';
  import Pot from '../parts/Pot.svelte';

  const { item }: Drawn = $props();
</script>

{#if item === 'soakIn'}
  <path class="water" d="M33 38q9-3 18 0t18 0l-2 40H35z" />
  <path class="pot" fill="none" d="M30 22l5 56h32l5-56" />
  <path class="pot" fill="none" d="M71 32q16 0 14 16t-17 14" />
{:else}
  <path class="water" d="M12 44q12-3 24 0t24 0 24 0 12 0l-8 36H24z" />
  <Pot x={50} y={22} width={48} depth={50} soil={6} />
  <path class="pot" fill="none" d="M8 34l14 46h60l14-46" />
{/if}
<g transform="translate({item === 'soakIn' ? 52 : 84} 4) rotate(8)">
  <path class="paper" d="M-8 0H8v24H2v30h-4V24h-6z" />
  <rect class="mark thin" x="-5" y="4" width="10" height="8" rx="1" />
</g>
{#if item === 'soakIn'}<text x="92" y="26">pH</text>{:else}<text x="100" y="26">pH</text>{/if}
