<script lang="ts">
  import type { Drawn } from '../pictures';

  const { answer }: Drawn = $props();
</script>

<path class="live" d="M0 46q30-6 58-2v34H0z" />
<path class="bad" d="M50 44q14 0 14 16t-14 18q-8-16 0-34z" />
<path class="paper" d="M66 58L110 14l8 34z" />
{#if answer === 'WET'}
  <path class="water" d="M66 58l15-15q8 6 9 11z" />
  <path class="water" d="M58 66q-4 7 0 9 4-2 0-9z" />
{:else}
  <path class="thin" d="M92 36l14-6M90 42l20-2" />
{/if}
