<script lang="ts">
  import type { Drawn } from '../pictures';
  import Bulb from '../parts/Bulb.svelte';
  import Flower from '../parts/Flower.svelte';

  const { answer }: Drawn = $props();
</script>

<path class="ink" d="M12 76h56" stroke-width="4" />
<Bulb x={26} y={74} height={30} width={15} leaves={0} furrows={1} />
<Bulb x={50} y={74} height={34} width={16} leaves={1} />
{#if answer === 'NONE'}
  <path class="mark thin" fill="none" stroke-dasharray="3 4" d="M57 70q10-4 14-14" />
{:else}
  {@const spent = answer === 'FINISHED'}
  <path class={spent ? 'dry' : 'mark'} fill="none" d="M56 70Q62 26 102 18" stroke-width="2.6" />
  {#if answer === 'SPIKE'}
    <path class="mark" d="M98 15q10-1 12 2-6 5-13 4z" />
    <path class="mark thin" fill="none" d="M66 43l-5-3M80 28l-3-5" />
  {:else if answer === 'BUDS'}
    <ellipse class="mark" cx="76" cy="27" rx="5" ry="7" transform="rotate(-20 76 27)" />
    <ellipse class="mark" cx="90" cy="17" rx="4.5" ry="6.5" transform="rotate(20 90 17)" />
    <ellipse class="mark" cx="106" cy="18" rx="4" ry="5.5" transform="rotate(60 106 18)" />
  {:else if answer === 'OPEN'}
    <Flower x={76} y={32} />
    <Flower x={100} y={22} />
  {:else if answer === 'FADING'}
    <Flower x={78} y={36} faded />
    <Flower x={103} y={28} faded />
    <path class="dry" d="M88 70q5-6 11-3-3 7-11 3zM72 76q4-3 7 0-3 4-7 0z" />
  {:else}
    <path
      class="dry thin"
      fill="none"
      d="M66 43l-6-3M76 31l-5-5M88 23l-3-6M102 18l5 5M102 18l6-2"
    />
  {/if}
{/if}
