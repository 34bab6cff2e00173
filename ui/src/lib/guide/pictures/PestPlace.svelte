<script lang="ts">
  import type { Drawn } from '../pictures';
  import Bulb from '../parts/Bulb.svelte';
  import { blade } from '$lib/guide/parts/strokes';
  import Pot from '../parts/Pot.svelte';
  import Root from '../parts/Root.svelte';
  import Wool from '../parts/Wool.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'LEAF_UNDERSIDE'}
  <path class="live" d={blade([8, 70], [112, 34], 26, 16)} />
  <Wool x={48} y={54} size={0.8} />
  <Wool x={72} y={46} size={0.8} />
  <path class="mark" fill="none" d="M62 80V64m-5 6 5-7 5 7" />
{:else if answer === 'SHEATH'}
  <Bulb x={60} y={78} height={56} width={34} leaves={0} />
  <path class="dry" d="M70 78q16-12 12-46 14 22 2 46z" />
  <Wool x={72} y={66} size={0.8} />
  <Wool x={75} y={54} size={0.6} />
{:else}
  <Pot y={12} width={92} depth={66} soil={8}>
    <Root from={[46, 20]} to={[42, 64]} bend={5} tip="hidden" />
    <Root from={[74, 20]} to={[80, 62]} bend={-5} tip="hidden" />
    <Wool x={42} y={44} size={0.8} />
    <Wool x={78} y={38} size={0.8} />
    <Wool x={60} y={58} />
  </Pot>
{/if}
