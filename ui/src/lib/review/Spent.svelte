<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { timeSaid } from '$lib/words/minutes';
  import { volumeSaid } from '$lib/words/units.svelte';

  const { review }: { review: Schemas['YearReview'] } = $props();
  const compared = $derived(review.growths.larger + review.growths.equal + review.growths.smaller);
</script>

<dl>
  <div>
    <dt>Came</dt>
    <dd>{review.received}</dd>
  </div>
  <div>
    <dt>By division</dt>
    <dd>{review.divided}</dd>
  </div>
  <div>
    <dt>Given away</dt>
    <dd>{review.given}</dd>
  </div>
  <div>
    <dt>Pots filled</dt>
    <dd>{review.pots}</dd>
  </div>
  {#if review.ml}<div>
      <dt>Medium</dt>
      <dd>{volumeSaid(review.ml)}</dd>
    </div>{/if}
  {#if review.minutes}<div>
      <dt>At the bench</dt>
      <dd>{timeSaid(review.minutes)}</dd>
    </div>{/if}
</dl>
{#if compared}
  <h3>Growths against the year before</h3>
  <div
    class="bar"
    role="img"
    aria-label="{review.growths.larger} larger, {review.growths.equal} about equal, {review.growths
      .smaller} smaller"
  >
    {#if review.growths.larger}<span class="larger" style="flex: {review.growths.larger}"
      ></span>{/if}
    {#if review.growths.equal}<span class="equal" style="flex: {review.growths.equal}"></span>{/if}
    {#if review.growths.smaller}<span class="smaller" style="flex: {review.growths.smaller}"
      ></span>{/if}
  </div>
  <p>
    <b>{review.growths.larger}</b> larger, <b>{review.growths.equal}</b> about equal,
    <b>{review.growths.smaller}</b> smaller
  </p>
{/if}
{#if review.prices.length}
  <p class="quiet">
    Paid for {count(review.prices.length, 'plant')}, as you wrote it: {review.prices.join(' · ')}.
  </p>
{/if}

<style>
  dl {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
    gap: 8px;
    margin: 4px 0 8px;
  }
  dt {
    font-size: 14px;
    color: var(--color-ink-2);
  }
  dd {
    margin: 0;
    font: 520 22px var(--font-serif);
  }
  h3 {
    margin: 8px 0 4px;
    font-size: 16px;
  }
  .bar {
    display: flex;
    gap: 2px;
    height: 16px;
    max-width: 460px;
  }
  .larger {
    background: var(--color-moss);
  }
  .equal {
    background: var(--color-edge);
  }
  .smaller {
    background: var(--color-ochre);
  }
  p {
    margin: 4px 0;
  }
</style>
