<script lang="ts">
  import type { Drawn } from '../pictures';
  import Fingers from '../parts/Fingers.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'KEEPS_SHAPE'}
  <Fingers apart={22} />
  <path class="dry" d="M36 34l46-3 5 14-9 9-44-1-4-9z" />
  <path class="dry thin" fill="none" d="M42 40l34-2M44 46l28 1" />
{:else if answer === 'DENTS'}
  <Fingers apart={16} />
  <path class="dry" d="M34 34l15-2q11 12 22 0l12-1 5 14-10 9-10-1q-9-8-20 0l-16-1-3-9z" />
  <path class="dry thin" fill="none" d="M38 42h12M72 42h10" />
{:else if answer === 'TEARS'}
  <path
    class="dry"
    d="M18 34l22-4 8 6-5 6 6 6-6 6-24-1-4-9zM70 36l9-4 18 1 6 13-10 9-20-1-5-7 5-5z"
  />
  <path class="dry thin" fill="none" d="M50 38l6-3M51 48l5 2M66 42l-6 1M68 51l-5 3" />
  <path class="mark" fill="none" d="M32 68H14m6-5-6 5 6 5M88 68h18m-6-5 6 5-6 5" />
{:else}
  <path
    class="bad"
    d="M26 44q4-14 22-10 12-8 26 0 20-2 22 10 0 10-12 10-4 10-8 2-6 14-12 0-14 4-20-2-18 2-18-10z"
  />
  <Fingers apart={4} y={44} />
{/if}
