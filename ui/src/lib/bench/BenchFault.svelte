<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { AtBench, Task } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    problem: Problem | undefined;
    reload: () => void;
  }
  const { bench, problem, reload }: Props = $props();

  /** Where what nobody said can be said. */
  const TOLD_AT: Record<string, Task> = { pot: 'POT', 'ending.became': 'LET_GO', on: 'TELL' };
  const elsewhere = $derived(
    bench.steps.findIndex(({ task }) =>
      problem?.faults.some(({ field }) => TOLD_AT[field] === task && bench.step.task !== task),
    ),
  );
</script>

{#if problem}
  <p class="fault" role="alert">
    {problem.message}
    {#if elsewhere >= 0}
      <button type="button" class="link" onclick={() => bench.go(elsewhere)}
        >To “{bench.steps[elsewhere]!.title}”</button
      >
    {:else if problem.status === 409}
      <button type="button" class="link" onclick={reload}>Load it again</button>
    {:else if bench.problem?.passing}
      It is kept in this browser until then.
      <button type="button" class="link" onclick={() => bench.tell({})}>Try again</button>
    {/if}
  </p>
{/if}

<style>
  .fault {
    margin: 12px 0 0;
  }
</style>
