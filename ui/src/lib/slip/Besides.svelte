<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  /** What is to be done without unpotting, and what a move would cost. */
  const { slip }: { slip: Schemas['Slip'] } = $props();
</script>

{#if slip.care.length || slip.remarks.length}
  <ul class="part care" aria-label="Without unpotting">
    {#each [...slip.care, ...slip.remarks] as fix, i (i)}<li>{fix}</li>{/each}
  </ul>
{/if}
{#if slip.costs.length}
  <ul class="part costs" aria-label="What it costs">
    {#each slip.costs as cost, i (i)}<li>{cost}</li>{/each}
  </ul>
{/if}

<style>
  .care {
    list-style: disc;
    padding-left: 40px;
    color: var(--color-slate);
    font-weight: 600;
  }
  .costs {
    color: var(--color-clay);
  }
</style>
