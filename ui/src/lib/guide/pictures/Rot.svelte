<script lang="ts">
  import type { Drawn } from '../pictures';
  import Bulb from '../parts/Bulb.svelte';
  import Flower from '../parts/Flower.svelte';
  import { blade } from '$lib/guide/parts/strokes';
  import Shoot from '../parts/Shoot.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'NONE' || answer === 'SOFT_BACK_BULB' || answer === 'SOFT_LEAD'}
  <path class="ink" d="M10 70h92" stroke-width="4" />
  <Bulb
    x={26}
    y={68}
    height={30}
    width={15}
    leaves={0}
    look={answer === 'SOFT_BACK_BULB' ? 'bad' : 'live'}
  />
  {#if answer === 'SOFT_BACK_BULB'}<path
      class="water"
      d="M14 54q-4 6 0 8 4-2 0-8zM38 58q-4 6 0 8 4-2 0-8z"
    />{/if}
  <Bulb x={58} y={68} height={36} width={16} leaves={2} />
  {#if answer === 'SOFT_LEAD'}
    <Shoot x={90} y={68} height={24} look="bad" lean={22} />
  {:else}
    <Shoot x={90} y={68} height={24} />
  {/if}
{:else if answer === 'SOFT_CROWN'}
  <path class="live" d={blade([56, 72], [8, 58], 10, 9)} />
  <path class="live" d={blade([64, 66], [112, 52], 10, 9)} />
  <path class="live" d={blade([57, 58], [22, 24], 10, 9)} />
  <path class="live" d={blade([63, 52], [98, 20], -8, 9)} />
  <path class="live" d="M55 78V50q4-6 10 0v28z" />
  <path class="bad" d="M52 50q0-12 8-18 8 6 8 18-8 8-16 0z" />
{:else if answer === 'SPREADING'}
  <path class="live" d={blade([6, 64], [114, 40], 12, 24)} />
  <path class="bad" d="M30 58q-2-16 18-20 20-2 26 6t-8 14-36 0z" />
  <path class="water thin" fill="none" d="M26 60q-4-20 20-26 26-2 34 8" stroke-dasharray="4 3" />
  <path class="mark" fill="none" d="M84 42h12m-5-5 6 5-6 5" />
{:else if answer === 'WILT_RING' || answer === 'WILT_THROUGH'}
  {@const cuts = answer === 'WILT_RING' ? [60] : [34, 88]}
  {#if cuts.length > 1}<path
      class="ink"
      d="M34 42h54"
      stroke-width="24"
      stroke="var(--color-rule)"
    />{/if}
  {#each cuts as x (x)}
    {@const r = cuts.length > 1 ? 20 : 32}
    <circle class="live" cx={x} cy="42" {r} />
    <circle class="bad" cx={x} cy="42" r={r * 0.62} fill="none" stroke-width={r * 0.2} />
    <circle class="live thin" cx={x} cy="42" r={r * 0.2} />
  {/each}
{:else if answer === 'VIRUS_SUSPECTED'}
  <path class="live" d={blade([4, 72], [78, 44], 8, 15)} />
  <path
    stroke="var(--color-slip)"
    stroke-width="3"
    d="M20 63l16-7M34 62l18-8M48 50l12-3M54 56l12-6"
  />
  <g transform="translate(84 28) scale(1.7)">
    <Flower x={0} y={0} />
    <path class="paper" d="M-2-10l2 3 2-5-1 8zM8-4l-3 2-1-3zM-9-2l3 2 1-4z" stroke="none" />
  </g>
{:else}
  <path class="paper" d="M44 6h32v72H44z" />
  <path class="paper" d="M52 26h16v30H52z" />
  <path class="bad" d="M54 34h12M54 46h12" stroke-width="3.4" />
  <text x="80" y="38">✓</text>
{/if}
