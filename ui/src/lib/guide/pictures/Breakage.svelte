<script lang="ts">
  import type { Drawn } from '../pictures';
  import Bulb from '../parts/Bulb.svelte';
  import { blade } from '$lib/guide/parts/strokes';
  import Root from '../parts/Root.svelte';
  import Shoot from '../parts/Shoot.svelte';

  const SHOOTS = [
    'NONE',
    'LEAD_SNAPPED',
    'ONLY_LEAD_SNAPPED',
    'BULB_LOOSE',
    'PARTED',
    'LEAF_OR_SPIKE',
  ];

  const { answer }: Drawn = $props();
  const roots = $derived(
    { SOME_TIPS: [0, 1, 0, 1], ALL_TIPS: [1, 1, 1, 1], TIPS_CHEWED: [2, 2, 0, 2] }[answer],
  );
</script>

{#if SHOOTS.includes(answer)}
  {#if answer === 'PARTED'}
    <path class="ink" d="M10 70h34l-4 6M54 64l4 6h46" stroke-width="4" />
  {:else}
    <path class="ink" d="M10 70h94" stroke-width="4" />
  {/if}
  {#if answer === 'BULB_LOOSE'}
    <Bulb x={34} y={66} height={32} width={15} leaves={0} lean={-22} />
    <path class="mark" fill="none" d="M14 26q10-12 26-6m-7-5 7 5-5 7" />
  {:else}
    <Bulb x={26} y={68} height={30} width={15} leaves={0} furrows={1} />
  {/if}
  <Bulb x={64} y={68} height={36} width={16} leaves={answer === 'LEAF_OR_SPIKE' ? 0 : 2} />
  {#if answer === 'LEAF_OR_SPIKE'}
    <path class="live" d={blade([63, 32], [50, 8], 2, 6)} />
    <path class="live" d="M65 32q4-8 12-10l-3 7 6 0q-6 6-13 6z" />
    <path class="bad" fill="none" d="M78 18l-3 7 7 0" />
    <path class="live" d={blade([86, 34], [108, 46], 2, 6)} />
  {/if}
  {#if answer === 'LEAD_SNAPPED' || answer === 'ONLY_LEAD_SNAPPED'}
    <path class="bad" d="M84 68l1-8 3 3 3-4 1 9z" />
    <Shoot x={94} y={78} height={22} look="bad" lean={82} />
    {#if answer === 'LEAD_SNAPPED'}<Shoot x={44} y={68} height={18} />{/if}
  {:else}
    <Shoot x={92} y={68} height={20} />
  {/if}
{:else if roots}
  <path class="live" d="M30 4h60q6 12-2 20H34Q24 16 30 4z" />
  {#each roots as how, i (i)}
    <Root
      from={[38 + i * 16, 24]}
      to={[38 + i * 16 + (i - 1.5) * 7, how ? 46 : 66]}
      width={7}
      bend={(i - 1.5) * 2}
      tip={how === 0 ? 'live' : how === 1 ? 'broken' : 'chewed'}
    />
    {#if how === 1}<circle class="bad" cx={38 + i * 16 + (i - 1.5) * 9} cy="66" r="3.4" />{/if}
  {/each}
{:else}
  <path class="live" d="M4 8h26v22H4z" />
  <Root from={[30, 20]} to={[66, 40]} width={8} bend={8} tip="broken" />
  <Root from={[74, 50]} to={[112, 66]} width={8} bend={5} />
{/if}
