<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';

  interface Props {
    trials: Schemas['OnTrial'][];
    today: string;
  }
  /** That a plant stands in a trial, and until when. */
  const { trials, today }: Props = $props();
</script>

{#each trials as { trial, name, tried, judgeOn } (trial)}
  <p class="part">
    {tried ? 'On trial' : 'Held against a trial'}
    {judgeOn > today
      ? `until ${short(judgeOn, today)}`
      : `that may be judged since ${short(judgeOn, today)}`}:
    <a class="link" href="/trials/{trial}">{name}</a>
  </p>
{/each}

<style>
  p {
    color: var(--color-slate);
    font-weight: 600;
  }
</style>
