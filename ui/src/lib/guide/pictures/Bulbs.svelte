<script lang="ts">
  import type { Drawn } from '../pictures';
  import Bulb from '../parts/Bulb.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'PLUMP'}
  <Bulb x={60} y={74} height={48} width={34} leaves={0} />
  <path class="live thin" fill="none" d="M47 60q-3-18 4-27" />
{:else if answer === 'LINED'}
  <Bulb x={60} y={74} height={48} width={31} leaves={0} furrows={4} />
{:else}
  <Bulb x={60} y={74} height={46} width={23} leaves={0} furrows={5} look="dry" />
  <path class="mark" fill="none" d="M34 52h8m-4-4 5 4-5 4M86 52h-8m4-4-5 4 5 4" />
{/if}
<path class="ink" d="M34 76h52" />
