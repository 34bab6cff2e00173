<script lang="ts">
  import type { Drawn } from '../pictures';
  import Plant from '../parts/Plant.svelte';
  import Pot from '../parts/Pot.svelte';
  import Root from '../parts/Root.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'LEVEL'}
  <Pot />
  <Plant />
{:else if answer === 'SUNK'}
  <Pot soil={19} />
  <Plant y={63} />
  <path class="mark" fill="none" d="M106 45v17m-4-4 4 5 4-5M99 44h14M99 64h14" />
{:else if answer === 'RISEN'}
  <Pot soil={9} />
  <Root from={[48, 42]} to={[42, 60]} width={3.6} tip="hidden" bend={3} />
  <Root from={[60, 42]} to={[60, 62]} width={3.6} tip="hidden" bend={2} />
  <Root from={[72, 42]} to={[80, 60]} width={3.6} tip="hidden" bend={-3} />
  <Plant y={40} />
  <path class="mark" fill="none" d="M106 52V42m-4 4 4-5 4 5M99 53h14M99 40h14" />
{:else}
  <Pot soil={2} soilRight={20} />
  <g transform="rotate(14 60 52)"><Plant y={53} /></g>
{/if}
