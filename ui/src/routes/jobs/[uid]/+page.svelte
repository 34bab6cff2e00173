<script lang="ts">
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import { choices, jobPage } from '$lib/api/queries';
  import { AtBench } from '$lib/bench/atBench.svelte';
  import Bench from '$lib/bench/Bench.svelte';
  import EndsTrial from '$lib/bench/EndsTrial.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';

  const uid = $derived(page.params.uid ?? '');
  const query = jobPage(() => uid);
  const options = choices();
  let bench = $state<AtBench>();
  /** The job that goes on though it ends a trial. */
  let endsTrial = $state('');

  // What is told here goes ahead of what is read again.
  $effect(() => {
    const job = query.data;
    if (job && untrack(() => bench?.job.uid) !== job.uid) bench = new AtBench(job);
  });
</script>

<svelte:head><title>{bench?.job.name ?? ''} at the bench · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if bench?.begun === false && bench.job.trials.length && endsTrial !== uid}
    <EndsTrial {bench} goOn={() => (endsTrial = uid)} />
  {:else if bench && options.data}
    <Bench
      {bench}
      choices={options.data}
      again={() => (bench = query.data && new AtBench(query.data))}
    />
  {/if}
</Waiting>
