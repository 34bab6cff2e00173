<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';
  import { capital } from '$lib/words/units.svelte';

  interface Props {
    title: string;
    move: Schemas['MoveInReview'];
    today: string;
  }
  const { title, move, today }: Props = $props();
</script>

<p>
  <b>{title}:</b> <a class="link" href="/plants/{move.plantId}">{move.name}</a>.
  <Sentence parts={move.words} {today} />
  {#if move.slip}{capital(move.slip)}.{/if}
</p>

<style>
  p {
    margin: 0 0 8px;
  }
</style>
