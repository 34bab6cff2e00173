<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Reason from './Reason.svelte';
  import { sorted } from './reasons';

  interface Props {
    slip: Schemas['Slip'];
    photos?: Schemas['Photo'][];
  }
  const { slip, photos = [] }: Props = $props();
  const read = $derived(sorted(slip));
  const today = $derived(slip.judgedOn);
</script>

{#if read.carried.length}
  <ul aria-label="What carried it">
    {#each read.carried as reason, i (i)}<Reason {reason} {today} {photos} />{/each}
  </ul>
{/if}
{#if read.contrary.length}
  <p class="quiet">What speaks against it</p>
  <ul aria-label="What speaks against it">
    {#each read.contrary as reason, i (i)}<Reason {reason} {today} {photos} />{/each}
  </ul>
{/if}
{#if read.rest.length}
  <details class="rest">
    <summary
      >{read.rest.length} more {read.rest.length === 1 ? 'that was' : 'that were'} weighed</summary
    >
    <ul aria-label="What else was weighed">
      {#each read.rest as reason, i (i)}<Reason {reason} {today} {photos} />{/each}
    </ul>
  </details>
{/if}
<p class="sums">
  Need {slip.need} of 100 · readiness
  {slip.readiness}{slip.readinessMost > slip.readiness ? ` to ${slip.readinessMost}` : ''} of 100
</p>

<style>
  p.quiet {
    margin: 6px 0 0;
  }
  .rest > summary {
    min-height: 28px;
    cursor: pointer;
    color: var(--color-ink-2);
    font-size: 14.5px;
  }
  .sums {
    color: var(--color-ink-2);
    font-size: 13px;
    margin: 6px 0 12px;
  }
</style>
