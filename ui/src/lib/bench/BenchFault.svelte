<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    problem: Problem | undefined;
    reload: () => void;
  }
  const { bench, problem, reload }: Props = $props();
</script>

{#if problem}
  <p class="fault" role="alert">
    {problem.message}
    {#if problem.status === 409}
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
