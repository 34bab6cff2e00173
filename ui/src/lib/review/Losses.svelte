<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';

  const { review }: { review: Schemas['YearReview'] } = $props();
</script>

{#if review.lost.length}
  <ul>
    {#each review.lost as loss (loss.plantId)}
      <li>
        <a class="link" href="/plants/{loss.plantId}">{loss.name}</a>
        <span class="quiet">{short(loss.on, review.today)}</span>{loss.because
          ? `: ${loss.because}`
          : ''}
        {#if loss.before.length}
          <span class="before"
            >Before that: <Sentence parts={loss.before} today={review.today} />.</span
          >
        {:else}
          <span class="before">No finding had been noted before.</span>
        {/if}
      </li>
    {/each}
  </ul>
{:else}
  <p>None was lost.</p>
{/if}

<style>
  li {
    margin-bottom: 6px;
  }
  .before {
    display: block;
    font-size: 14.5px;
  }
  p {
    margin: 0;
  }
</style>
