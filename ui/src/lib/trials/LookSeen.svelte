<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Interval from '$lib/taught/Interval.svelte';
  import { plain } from '$lib/words/sentence';
  import Sentence from '$lib/words/Sentence.svelte';
  import SeenOnSides from './SeenOnSides.svelte';
  import Spread from './Spread.svelte';
  import { spreadOf } from './spread';

  interface Props {
    page: Schemas['TrialPage'];
    look: Schemas['TrialLook'];
    today: string;
  }
  const { page, look, today }: Props = $props();
  const spread = $derived(spreadOf(page, look));
  const drawn = $derived(look.measure && spread.tried.length + spread.against.length > 0);
  const difference = $derived(look.difference);
  const most = $derived(
    difference ? Math.max(Math.abs(difference.low), Math.abs(difference.high)) * 1.1 : 1,
  );
</script>

<section class="sheet" aria-label={look.title}>
  <h2>{look.title}</h2>
  {#if drawn && look.measure}
    <Spread {spread} measure={look.measure} others={page.trial.others} {today} />
    {#if difference}
      <div class="difference">
        <Interval
          from={-most}
          to={most}
          {...difference}
          assumed={0}
          tint={difference.says === 'NONE' ? 'moss' : 'plum'}
          few={difference.says === 'FEW'}
          label="The difference, with none in the middle: {plain(look.words, today)}"
        />
        <p class:clear={difference.says === 'MORE' || difference.says === 'LESS'}>
          Where it is tried: <Sentence parts={look.words} {today} />.
        </p>
      </div>
    {/if}
  {:else}
    <SeenOnSides {page} {look} {today} />
  {/if}
</section>

<style>
  h2 {
    margin: 0 0 6px;
    font-size: 17px;
  }
  p {
    margin: 0;
  }
  .difference {
    max-width: 560px;
  }
  .clear {
    color: var(--color-plum);
    font-weight: 600;
  }
</style>
