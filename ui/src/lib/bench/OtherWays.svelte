<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Picks from '$lib/forms/Picks.svelte';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
  }
  const { bench }: Props = $props();

  const ADVISED = { value: '', words: 'as advised' };
  const ways = $derived([
    ADVISED,
    ...bench.job.ways.map(({ verdict, words }) => ({ value: verdict, words })),
  ]);
  const more = $derived(
    bench.job.mayAdd.map(({ task, title }) => ({ value: task as string, words: title })),
  );
</script>

<details>
  <summary>Another way, or a step more</summary>
  <Picks
    legend="It is done"
    choices={ways}
    value={bench.told.chosen ?? ''}
    onpick={(way) => bench.tell({ chosen: (way || null) as Schemas['JobTold']['chosen'] })}
  />
  {#if more.length}
    <Picks
      legend="A step more"
      choices={more}
      value=""
      onpick={(task) => bench.add(task as Schemas['TaskName']['task'])}
    />
  {/if}
</details>

<style>
  details {
    margin-top: 10px;
  }
  summary {
    display: flex;
    align-items: center;
    min-height: 44px;
    color: var(--color-plum);
  }
</style>
