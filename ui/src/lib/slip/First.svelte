<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import OnTrial from '$lib/trials/OnTrial.svelte';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    slip: Schemas['Slip'];
    treatment?: Schemas['TreatmentView'] | null;
    trials?: Schemas['OnTrial'][];
  }
  /** What is said before all else: what broke, what it is treated for, how it rests. */
  const { slip, treatment, trials = [] }: Props = $props();
</script>

{#each slip.first as words, i (i)}
  <p class="part"><Sentence parts={words} today={slip.judgedOn} /></p>
{/each}
{#if treatment}
  <p class="part">
    Under <a class="link" href="/treatments">treatment</a> with {treatment.product} since
    {short(treatment.since, slip.judgedOn)}{treatment.over
      ? '; it looked clean often enough, and the course may end.'
      : treatment.left
        ? `; ${count(treatment.left, 'treatment')} left.`
        : '; it is looked over until it is clean.'}
  </p>
{/if}

<OnTrial {trials} today={slip.judgedOn} />

<style>
  p {
    color: var(--color-slate);
    font-weight: 600;
  }
</style>
