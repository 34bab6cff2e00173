<script lang="ts">
  import type { Drawn } from '../pictures';
  import Plant from '../parts/Plant.svelte';
  import Pot from '../parts/Pot.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'TIPPING'}
  <g transform="translate(14 6) scale(0.9) rotate(-34 34 80)">
    <Pot />
    <Plant scale={0.82} />
  </g>
  <path class="mark" fill="none" d="M66 12q-24-6-40 12m0-9v9h9" />
{:else}
  <Pot>
    {#if answer === 'LOOSE'}
      <path class="paper" stroke="none" d="M38 49h44l-5 10H43z" />
    {/if}
  </Pot>
  {#if answer === 'LEANING'}
    <g transform="rotate(-24 60 49)"><Plant scale={0.82} /></g>
    <path class="thin" stroke-dasharray="3 4" d="M60 49V8" />
    <path class="mark thin" fill="none" d="M60 12q-9 0-16 5" />
  {:else}
    <Plant scale={0.82} />
    {#if answer === 'FIRM'}
      <rect
        class="mark"
        fill="none"
        x="18"
        y="6"
        width="84"
        height="70"
        rx="10"
        stroke-dasharray="5 5"
      />
    {:else}
      {@const wide = answer === 'LOOSE' ? 30 : 14}
      <path
        class="mark"
        fill="none"
        d="M{60 - wide} 12q{wide}-9 {wide * 2} 0m-7 0h7v-6M{60 - wide + 7} 12h-7v-6"
      />
    {/if}
  {/if}
{/if}
<path class="thin" d="M8 81h104" />
