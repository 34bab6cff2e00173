<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    /** Whose opinion it is. */
    whose: string;
    opinion: Schemas['Opinion'];
    today: string;
  }
  const { whose, opinion, today }: Props = $props();
</script>

<section class="sheet" aria-label={whose}>
  <h2>{whose}</h2>
  <p><b>{opinion.title}</b></p>
  <p><Sentence parts={opinion.advice} {today} /></p>
  {#if opinion.method}<p>{opinion.method}</p>{/if}
  {#if opinion.reasons.length}
    <ul>
      {#each opinion.reasons as reason, i (i)}<li><Sentence parts={reason} {today} />.</li>{/each}
    </ul>
  {/if}
  {#if opinion.looks.length}
    <p class="quiet">It rests on: {opinion.looks.join(', ').toLowerCase()}.</p>
  {/if}
</section>

<style>
  h2,
  p {
    margin: 0 0 6px;
  }
  li {
    margin-bottom: 4px;
  }
</style>
