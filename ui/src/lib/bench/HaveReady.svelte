<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';
  import { volumeSaid } from '$lib/words/units.svelte';

  interface Props {
    batch: Schemas['BatchPage'];
  }
  const { batch }: Props = $props();
</script>

<section class="sheet" aria-labelledby="prepare">
  <h2 id="prepare">Have ready</h2>
  <p class="hand">{batch.atHand.join(', ')}; a clean blade for each plant.</p>
  {#each batch.mixes as mix (mix.mix)}
    <p class="hand">
      <b>{volumeSaid(mix.fill.mixMl)}</b> of {mix.mix} for {mix.pots}
      {mix.pots === 1 ? 'pot' : 'pots'}: {mix.fill.portions
        .map((part) => `${part.words} ${volumeSaid(part.ml)}`)
        .join(', ')}
    </p>
  {/each}
  {#if batch.lacking.length}
    <p class="short">
      Runs short: {#each batch.lacking as lack, i (i)}{i ? ', ' : ''}<Sentence
          parts={lack.what}
          today={batch.begunOn}
        />{/each}
    </p>
  {/if}
</section>

<style>
  .hand {
    font-size: 17px;
    margin: 4px 0;
  }
  .short {
    color: var(--color-clay);
    font-weight: 600;
    font-size: 17px;
  }
</style>
