<script lang="ts">
  import type { Drawn } from '../pictures';
  import Plant from '../parts/Plant.svelte';
  import Pot from '../parts/Pot.svelte';
  import Root from '../parts/Root.svelte';

  const { answer }: Drawn = $props();
</script>

<Pot width={72} x={52} />
{#if answer === 'AT_SURFACE'}
  <Root from={[62, 49]} to={[80, 62]} bend={-7} width={4.4} tip="hidden" />
  <Root from={[42, 49]} to={[26, 64]} bend={7} width={4.4} tip="hidden" />
{:else if answer === 'IN_AIR'}
  <Root from={[64, 47]} to={[106, 62]} bend={-16} width={4.4} tip="stopped" />
  <Root from={[66, 45]} to={[110, 30]} bend={-8} width={4.4} tip="stopped" />
{:else if answer === 'SHEATH_IN_WAY'}
  <Root from={[60, 47]} to={[82, 16]} bend={-9} width={4.4} />
  <path class="dry" d="M70 50q16-10 18-30 8 18-2 31z" />
{/if}
<Plant x={48} />
