<script lang="ts">
  import type { Drawn } from '../pictures';
  import Bulb from '../parts/Bulb.svelte';
  import Ruler from '../parts/Ruler.svelte';

  const { item, answer }: Drawn = $props();
  const heights = $derived(
    { LARGER: [0, 28, 40], EQUAL: [0, 34, 34], SMALLER: [0, 40, 27], SMALLER_TWICE: [44, 34, 23] }[
      answer
    ] ?? [0, 34, 38],
  );
</script>

<path class="ink" d="M14 74h92" stroke-width="4" />
{#if heights[0]}<Bulb x={28} y={72} height={heights[0]} width={16} />{/if}
<Bulb x={56} y={72} height={heights[1]} width={16} look={item === 'formerSize' ? 'mark' : 'live'} />
<Bulb x={88} y={72} height={heights[2]} width={16} look={item === 'formerSize' ? 'live' : 'mark'} />
{#if answer}
  <path class="thin" stroke-dasharray="3 4" d="M20 {72 - heights[1]!}H106" />
{:else if item === 'formerSize'}
  <Ruler x={34} y={72} length={40} upright />
{:else}
  <Ruler x={99} y={72} length={44} upright />
{/if}
